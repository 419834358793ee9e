package upshot.core.joint;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.FramePoint;
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.house.EyeSchool;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Placement;
import upshot.core.plan.Shot;

/**
 * The eye has to jump too far from what it looked at to what it is to look at next, for the time that it is given: a
 * quarter of the picture's long side when that is on screen for less than a second, 0.35 for less than two, else half;
 * less where the house holds the eye, and 0.15 more while one mover keeps its direction.
 */
final class EyeJump implements MeetingRule {

    private static final double[] FREE = {0.25, 0.35, 0.5};
    private static final double[] HOLD = {0.15, 0.25, 0.35};
    private static final double SAME_MOVER = 0.15;
    private static final double ROUNDING = 1e-9;
    private static final double CROSSED_FROM = 0.25;

    @Override
    public String id() {
        return "eye-jump";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "How far the eye goes",
                "What is to be looked at next lies near enough to what was looked at last.",
                "While the eye is on its way the picture is not seen.",
                RuleCard.Source.SCHOOL,
                Bound.of("below a second", 100 * FREE[0], "% of the long side"),
                Bound.of("below two seconds", 100 * FREE[1], "% of the long side"),
                Bound.of("else", 100 * FREE[2], "% of the long side"),
                Bound.of("more while a mover keeps its direction", 100 * SAME_MOVER, "% of the long side"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        Entry entry = into.use().entry();
        boolean elsewhere = !out.action().beatId().equals(into.action().beatId());
        if (entry.blends() || entry == Entry.WHIP || elsewhere) {
            return Optional.empty();
        }
        double limit = limit(meeting, out, into);
        double jump = jump(meeting, out, into, into.shot());
        return jump <= limit + ROUNDING ? Optional.empty() : Optional.of(finding(meeting, out, into, jump, limit));
    }

    private static double limit(Around meeting, Picture out, Picture into) {
        double seconds = meeting.brief().rate().secondsOf(into.use().frames());
        double[] limits = meeting.house().eye() == EyeSchool.HOLD ? HOLD : FREE;
        ScreenTravel before = Stand.travelAt(meeting, out.shot(), out.use().reversed(), true);
        boolean keepsOn = meeting.subjectOf(out.shot()).equals(meeting.subjectOf(into.shot()))
                && before != ScreenTravel.NEUTRAL
                && before == Stand.travelAt(meeting, into.shot(), into.use().reversed(), false);
        return limits[seconds < 1 ? 0 : seconds < 2 ? 1 : 2] + (keepsOn ? SAME_MOVER : 0);
    }

    /** In long sides of the picture. */
    private static double jump(Around plan, Picture out, Picture into, Shot shown) {
        double aspect = plan.brief().aspect().ratio();
        FramePoint from = at(plan, out, out.shot(), true);
        FramePoint to = at(plan, into, shown, false);
        return Math.hypot(from.u() - to.u(), from.v() - to.v()) / Math.max(aspect, 1);
    }

    /** A mover crossing a still frame comes in at a quarter of it and goes out at three quarters. */
    private static FramePoint at(Around plan, Picture placed, Shot shot, boolean end) {
        FramePoint eye = DrawnFrame.eyeOf(plan, shot);
        ScreenTravel travel = Stand.travel(plan, shot, placed.use().reversed());
        boolean crosses = placed.action().line() == Line.TRAVEL
                && placed.action().speedMps() > 0
                && shot.move() == Move.STILL
                && travel != ScreenTravel.NEUTRAL;
        if (!crosses) {
            return eye;
        }
        boolean left = (travel == ScreenTravel.LEFT_TO_RIGHT) != end;
        return new FramePoint(plan.brief().aspect().ratio() * (left ? CROSSED_FROM : 1 - CROSSED_FROM), eye.v());
    }

    private static List<Mend> mends(Around plan, Picture out, Picture into, double limit) {
        return Arrays.stream(Placement.values())
                .filter(placement -> placement != into.shot().placement())
                .filter(placement -> jump(plan, out, into, into.shot().withPlacement(placement)) <= limit + ROUNDING)
                .map(placement -> new Mend(
                        "Place %s in the %s".formatted(into.shot().code(), placement.label()),
                        Change.edit(into.shot(), one -> one.withPlacement(placement))))
                .toList();
    }

    private Finding finding(Around plan, Picture out, Picture into, double jump, double limit) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(out.use().id(), into.use().id()),
                "The eye has far to go.",
                new Measured(jump, limit, Quantity.SHARE),
                "It jumps %s %% of the picture's long side; %s %% can be followed in the time it is on screen."
                        .formatted(Wording.number(100 * jump, 0), Wording.number(100 * limit, 0)),
                Mends.later(() -> mends(plan, out, into, limit)));
    }
}
