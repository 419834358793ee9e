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
import upshot.core.frame.CutFrame;
import upshot.core.frame.FramePoint;
import upshot.core.ground.ScreenTravel;
import upshot.core.house.EyeSchool;
import upshot.core.house.Threshold;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Placement;
import upshot.core.plan.Shot;

/**
 * The eye has to jump too far from what it looked at to what it is to look at next, for the time that it is given: a
 * fifth of the frame when that is on screen for a second or less, 0.3 up to two seconds, else half; three fifths of it,
 * or two thirds, where the house holds the eye, and 0.15 more while one mover keeps its direction. The way is
 * √(Δu² + (Δv/2)²) in shares of the frame's width and height.
 */
final class EyeJump implements MeetingRule {

    private static final double LONG = 0.5;
    /** What the house that holds the eye leaves of each. */
    private static final double[] HELD = {0.6, 2.0 / 3, 0.6};

    private static final double SAME_MOVER = 0.15;
    private static final double ROUNDING = 1e-9;

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
                Bound.of(Threshold.EYE_SHORT),
                Bound.of(Threshold.EYE_MEDIUM),
                Bound.of("else", 100 * LONG, "% of the frame"),
                Bound.of("more while a mover keeps its direction", 100 * SAME_MOVER, "% of the frame"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Entry entry = meeting.into().use().entry();
        boolean elsewhere =
                !meeting.out().action().beatId().equals(meeting.into().action().beatId());
        if (entry.blends() || entry == Entry.WHIP || elsewhere) {
            return Optional.empty();
        }
        double limit = limit(meeting);
        double jump = jump(meeting, meeting.atIn());
        return jump <= limit + ROUNDING ? Optional.empty() : Optional.of(finding(meeting, jump, limit));
    }

    private static double limit(Meeting meeting) {
        Picture into = meeting.into();
        double seconds = meeting.brief().rate().secondsOf(into.use().frames());
        ScreenTravel before = meeting.atOut().travel();
        boolean keepsOn = meeting.subjectOf(meeting.out().shot()).equals(meeting.subjectOf(into.shot()))
                && before != ScreenTravel.NEUTRAL
                && before == meeting.atIn().travel();
        int given = seconds <= 1 + ROUNDING ? 0 : seconds <= 2 + ROUNDING ? 1 : 2;
        double held = meeting.house().eye() == EyeSchool.HOLD ? HELD[given] : 1;
        return held * free(meeting, given) + (keepsOn ? SAME_MOVER : 0);
    }

    private static double free(Meeting meeting, int given) {
        return switch (given) {
            case 0 -> meeting.threshold(Threshold.EYE_SHORT) / 100;
            case 1 -> meeting.threshold(Threshold.EYE_MEDIUM) / 100;
            default -> LONG;
        };
    }

    private static double jump(Meeting meeting, CutFrame into) {
        FramePoint from = meeting.atOut().eye();
        FramePoint to = into.eye();
        return Math.hypot(from.u() - to.u(), (from.v() - to.v()) / 2);
    }

    private static List<Mend> mends(Meeting meeting, double limit) {
        Shot shot = meeting.into().shot();
        return Arrays.stream(Placement.values())
                .filter(placement -> placement != shot.placement())
                .filter(placement -> jump(meeting, meeting.atIn(shot.withPlacement(placement))) <= limit + ROUNDING)
                .map(placement -> new Mend(
                        "Place %s in the %s".formatted(shot.code(), placement.label()),
                        Change.edit(shot, one -> one.withPlacement(placement))))
                .toList();
    }

    private Finding finding(Meeting meeting, double jump, double limit) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(meeting.out().use().id(), meeting.into().use().id()),
                "The eye has far to go.",
                new Measured(jump, limit, Quantity.SHARE),
                "It jumps %s %% of the frame; %s %% can be followed in the time it is on screen."
                        .formatted(Wording.number(100 * jump, 0), Wording.number(100 * limit, 0)),
                Mends.later(() -> mends(meeting, limit)));
    }
}
