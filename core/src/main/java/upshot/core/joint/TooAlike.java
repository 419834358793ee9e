package upshot.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import upshot.core.ground.Likeness;
import upshot.core.ground.OtherBearing;
import upshot.core.house.Threshold;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Shot;
import upshot.core.size.Size;
import upshot.core.size.SubjectKind;

/**
 * Two framings of one subject that are too alike read as a slip of the film: a jump.
 *
 * <p>Clear from e = 1, watch from 0.75, else break; see {@link Likeness}. Two different subjects of one kind are a
 * watch when they sit in the frame so alike that one seems to turn into the other. Not asked of a declared jump or of a ramp, which is one shot.
 */
final class TooAlike implements MeetingRule {

    private static final double TWIN_RATIO = 1.15;
    private static final double TWIN_ANGLE_DEG = 15;
    private static final double TWIN_EYES = 0.1;

    @Override
    public String id() {
        return "too-alike";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Too alike",
                "Two pictures of one subject differ enough in angle or size.",
                "Nearly the same picture again reads as a slip of the film.",
                RuleCard.Source.TRADE,
                Bound.of(Threshold.ALIKE_ANGLE),
                Bound.of(Threshold.ALIKE_RATIO),
                Bound.of(Threshold.ALIKE_WATCH));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        if (into.use().entry() == Entry.JUMP || into.use().entry() == Entry.RAMP) {
            return Optional.empty();
        }
        Likeness likeness = Likeness.between(meeting, out.shot(), into.shot());
        if (meeting.subjectOf(out.shot()).equals(meeting.subjectOf(into.shot()))) {
            return likeness.sameAim() ? Optional.of(sameSubject(meeting, out, into, likeness)) : Optional.empty();
        }
        return twins(meeting, out, into, likeness);
    }

    private Finding sameSubject(Around plan, Picture out, Picture into, Likeness likeness) {
        Status status = likeness.clear() ? Status.CLEAR : likeness.passes() ? Status.WATCH : Status.BREAK;
        String step = "The size steps %s times and the view turns %s; a step of %s or a turn of %s is enough alone."
                .formatted(
                        Wording.number(likeness.ratio(), 2),
                        Wording.degrees(likeness.angleDeg()),
                        Wording.number(plan.threshold(Threshold.ALIKE_RATIO), 2),
                        Wording.degrees(plan.threshold(Threshold.ALIKE_ANGLE)));
        String title = switch (status) {
            case CLEAR -> "Far enough apart.";
            case WATCH -> "Nearly too alike.";
            case BREAK -> "Too alike.";
        };
        return new Finding(
                id(),
                status,
                subject(out, into),
                title,
                new Measured(likeness.apart(), Likeness.CLEAR_FROM, Quantity.SHARE),
                status == Status.CLEAR ? step : step + " The cut will look like a slip.",
                status == Status.CLEAR ? List.of() : Mends.later(() -> mends(plan, out, into)));
    }

    private Optional<Finding> twins(Around plan, Picture out, Picture into, Likeness likeness) {
        boolean oneKind = kind(plan, out) == kind(plan, into);
        if (!oneKind || likeness.ratio() >= TWIN_RATIO || likeness.angleDeg() >= TWIN_ANGLE_DEG - Likeness.ROUNDING) {
            return Optional.empty();
        }
        double eyes = eyesApart(plan, out.shot(), into.shot());
        if (eyes > TWIN_EYES || into.use().entry() == Entry.MATCHED) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                subject(out, into),
                "One seems to turn into the other.",
                new Measured(eyes, TWIN_EYES, Quantity.SHARE),
                "Two subjects of one kind sit at the same place in frames of the same size, %s apart."
                        .formatted(Wording.degrees(likeness.angleDeg())),
                Mends.later(() -> List.of(
                        new Mend("Mark as matched", Change.edit(into.use(), one -> one.withEntry(Entry.MATCHED)))))));
    }

    private static SubjectKind kind(Around plan, Picture placed) {
        return plan.subjectOf(placed.shot()).kind();
    }

    private static double eyesApart(Around plan, Shot one, Shot other) {
        FramePoint a = DrawnFrame.eyeOf(plan, one);
        FramePoint b = DrawnFrame.eyeOf(plan, other);
        return Math.hypot(a.u() - b.u(), a.v() - b.v())
                / Math.max(1, plan.brief().aspect().ratio());
    }

    private static List<UUID> subject(Picture out, Picture into) {
        return List.of(out.use().id(), into.use().id());
    }

    private static List<Mend> mends(Around plan, Picture out, Picture into) {
        List<Mend> mends = new ArrayList<>();
        Shot fixed = out.shot();
        Shot turned = into.shot();
        if (!fixed.equals(turned)) {
            OtherBearing.smallest(
                            plan,
                            turned,
                            candidate ->
                                    Likeness.between(plan, fixed, candidate).clear())
                    .ifPresent(bearing -> mends.add(new Mend(
                            "Shoot %s from bearing %s".formatted(turned.code(), Wording.degrees(bearing)),
                            Change.edit(turned, one -> one.withBearingDeg(bearing)))));
            otherSize(plan, fixed, turned)
                    .ifPresent(size -> mends.add(new Mend(
                            "Make %s a %s".formatted(turned.code(), size.label()),
                            Change.edit(turned, one -> one.withSize(size)))));
        }
        mends.add(new Mend("Mark as a jump on purpose", Change.edit(into.use(), one -> one.withEntry(Entry.JUMP))));
        return mends;
    }

    /** The size nearest on the ladder, within the same class first, that cuts with the neighbour. */
    private static Optional<Size> otherSize(Around plan, Shot fixed, Shot resized) {
        int rung = resized.size().ordinal();
        List<Size> ladder = new ArrayList<>(List.of(Size.values()));
        ladder.remove(Size.INSERT);
        ladder.remove(resized.size());
        ladder.sort((one, other) -> Integer.compare(Math.abs(one.ordinal() - rung), Math.abs(other.ordinal() - rung)));
        return ladder.stream()
                .filter(size ->
                        Likeness.between(plan, fixed, resized.withSize(size)).clear())
                .findFirst();
    }
}
