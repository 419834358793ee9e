package upshot.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.frame.CutFrame;
import upshot.core.ground.Likeness;
import upshot.core.ground.Stand;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;

/** A transition asks something of both pictures, and one of them does not give it. */
final class TransitionFit implements MeetingRule {

    private static final double RAMPED_BY = 2;
    private static final double SCALED_BY = 1.2;

    @Override
    public String id() {
        return "transition-fit";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A transition that fits",
                "Both pictures give what their transition asks for.",
                "A whip into a still frame is a mistake with a name.",
                RuleCard.Source.TRADE,
                Bound.of("a ramp changes speed by", RAMPED_BY, "×"),
                Bound.of("a match in position differs in scale by at most", SCALED_BY, "×"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        return switch (into.use().entry()) {
            case STRAIGHT, JUMP, RETURN, MATCHED, ACTION, REPEAT -> Optional.empty();
            case DISSOLVE, WIPE -> blended(out, into);
            case WHIP -> whipped(out, into);
            case THROUGH -> through(out, into);
            case LIFT_DROP, POSITION -> placed(out, into).or(() -> scaled(meeting));
            case REVEAL -> reversed(out, into);
            case RAMP -> ramped(out, into);
        };
    }

    /** It lies half in either use, and takes as much of the handles beyond. */
    private Optional<Finding> blended(Picture out, Picture into) {
        int shortest = Math.min(out.use().frames(), into.use().frames());
        int lasts = into.use().joinFrames();
        if (lasts <= shortest) {
            return Optional.empty();
        }
        return broken(
                out,
                into,
                new Measured(lasts, shortest, Quantity.FRAMES),
                "The %s lasts %d frames and one of the two uses only %d."
                        .formatted(into.use().entry().label(), lasts, shortest),
                List.of(new Mend(
                        "Make it %d frames long".formatted(shortest),
                        Change.edit(into.use(), one -> one.withJoinFrames(shortest)))));
    }

    private Optional<Finding> whipped(Picture out, Picture into) {
        boolean both = pans(out.shot()) && pans(into.shot());
        if (both && out.shot().moveBack() == into.shot().moveBack()) {
            return Optional.empty();
        }
        List<Change> changes = new ArrayList<>();
        for (Shot shot : both(out, into)) {
            if (!pans(shot)) {
                changes.add(Change.edit(
                        shot, one -> one.move().moving() ? one.withAlsoMove(Move.PAN) : one.withMove(Move.PAN)));
            }
        }
        if (out.shot().moveBack() != into.shot().moveBack()) {
            changes.add(
                    Change.edit(into.shot(), one -> one.withMoveBack(out.shot().moveBack())));
        }
        return broken(
                out,
                into,
                new Measured(both ? 1 : 0, 2, Quantity.COUNT),
                "A whip out of %s needs a pan at its end and one the same way at the beginning of %s."
                        .formatted(out.shot().code(), into.shot().code()),
                List.of(new Mend("Whip both the same way", Change.batch(changes))));
    }

    /** The shots of both, which may be one. */
    private static List<Shot> both(Picture out, Picture into) {
        return Stream.of(out.shot(), into.shot()).distinct().toList();
    }

    private static boolean pans(Shot shot) {
        return shot.move() == Move.PAN || shot.alsoMove() == Move.PAN;
    }

    private Optional<Finding> through(Picture out, Picture into) {
        List<Change> changes = new ArrayList<>();
        for (Shot shot : both(out, into)) {
            if (!shot.foreground()) {
                changes.add(Change.edit(shot, one -> one.withForeground(true)));
            }
        }
        return changes.isEmpty()
                ? Optional.empty()
                : broken(
                        out,
                        into,
                        new Measured(2 - changes.size(), 2, Quantity.COUNT),
                        "The camera passes something close in both: ask for it in both.",
                        List.of(new Mend("Something in front of both", Change.batch(changes))));
    }

    private Optional<Finding> placed(Picture out, Picture into) {
        if (out.shot().placement() == into.shot().placement()) {
            return Optional.empty();
        }
        return broken(
                out,
                into,
                Measured.missing(),
                "%s stands in the %s and %s in the %s: they have to sit at one place."
                        .formatted(
                                out.shot().code(),
                                out.shot().placement().label(),
                                into.shot().code(),
                                into.shot().placement().label()),
                List.of(new Mend(
                        "Place %s in the %s"
                                .formatted(
                                        into.shot().code(),
                                        out.shot().placement().label()),
                        Change.edit(
                                into.shot(), one -> one.withPlacement(out.shot().placement())))));
    }

    /** What is matched has one size in the frame, within a fifth. */
    private Optional<Finding> scaled(Meeting meeting) {
        double before = share(meeting.out(), meeting.atOut());
        double after = share(meeting.into(), meeting.atIn());
        double step = Math.max(before, after) / Math.min(before, after);
        return step <= SCALED_BY + Likeness.ROUNDING
                ? Optional.empty()
                : broken(
                        meeting.out(),
                        meeting.into(),
                        new Measured(step, SCALED_BY, Quantity.TIMES),
                        "It is %s times as large in one as in the other; a fifth more is not seen."
                                .formatted(Wording.number(step, 2)),
                        List.of());
    }

    /** How much of the frame's height the subject would take. */
    private static double share(Picture picture, CutFrame seen) {
        return Stand.of(picture.around(), picture.shot()).extent().heightM()
                / seen.view().heightM();
    }

    /** One shot goes on, at another speed. */
    private Optional<Finding> ramped(Picture out, Picture into) {
        boolean oneShot = out.shot().equals(into.shot());
        double before = out.playback().speed();
        double after = into.playback().speed();
        if (oneShot && before != after) {
            return Optional.empty();
        }
        double other = Math.abs(out.use().frameStep()) > 1 ? 1 : out.use().frameStep() * RAMPED_BY;
        return broken(
                out,
                into,
                new Measured(Math.abs(after), Math.abs(before), Quantity.SHARE),
                oneShot
                        ? "Both sides of the ramp play at %s."
                                .formatted(out.playback().label())
                        : "A ramp changes the speed within one shot; %s and %s are two."
                                .formatted(out.shot().code(), into.shot().code()),
                oneShot
                        ? List.of(new Mend(
                                "Change the speed here", Change.edit(into.use(), one -> one.withFrameStep(other))))
                        : List.of());
    }

    private Optional<Finding> reversed(Picture out, Picture into) {
        boolean backwards = into.use().reversed();
        boolean readable = into.action().setsState().isEmpty();
        if (backwards && readable) {
            return Optional.empty();
        }
        List<Mend> mends = backwards
                ? List.of()
                : List.of(new Mend(
                        "Play it backwards",
                        Change.edit(
                                into.use(), one -> one.withFrameStep(-into.use().frameStep()))));
        return broken(
                out,
                into,
                new Measured(into.use().frameStep(), 0, Quantity.TIMES),
                readable
                        ? "A reverse reveal runs backwards."
                        : "It leaves the thing %s: backwards that cannot be read."
                                .formatted(into.action().setsState()),
                mends);
    }

    private Optional<Finding> broken(Picture out, Picture into, Measured measured, String why, List<Mend> own) {
        List<Mend> mends = new ArrayList<>(own);
        mends.add(new Mend("Make it a straight cut", Change.edit(into.use(), one -> one.withEntry(Entry.STRAIGHT))));
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(out.use().id(), into.use().id()),
                "No %s there.".formatted(into.use().entry().label()),
                measured,
                why,
                mends));
    }
}
