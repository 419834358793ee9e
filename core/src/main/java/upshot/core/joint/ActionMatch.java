package upshot.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.shot.ShotNumbers;

/**
 * A cut on action needs the same action in both pictures, half a second that both have recorded, and a performance that
 * repeats or two cameras; both should play at one speed.
 */
final class ActionMatch implements MeetingRule {

    private static final double SHARED_S = 0.5;

    @Override
    public String id() {
        return "action-match";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Cut on action",
                "A cut on action has the same action in both pictures, recorded twice.",
                "A movement can only go on in what has recorded it.",
                RuleCard.Source.TRADE,
                Bound.of("recorded by both", SHARED_S, "s"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        if (into.use().entry() != Entry.ACTION) {
            return Optional.empty();
        }
        Action action = into.action();
        if (!out.action().equals(action)) {
            return broken(
                    out,
                    into,
                    "%s and %s show two actions."
                            .formatted(out.shot().code(), into.shot().code()),
                    0);
        }
        if (action.once() && meeting.bodies().size() < 2) {
            return broken(out, into, "It happens once and one camera is there: nothing can be cut on it.", 0);
        }
        double shared = sharedS(out, into);
        if (shared < SHARED_S) {
            return broken(
                    out,
                    into,
                    "Both have recorded %s s of it together; half a second is needed."
                            .formatted(Wording.number(Math.max(0, shared), 2)),
                    shared);
        }
        double one = Math.abs(out.playback().speed());
        double other = Math.abs(into.playback().speed());
        return Math.abs(one - other) < 1e-6
                ? Optional.empty()
                : Optional.of(new Finding(
                        id(),
                        Status.WATCH,
                        List.of(out.use().id(), into.use().id()),
                        "Two speeds in one movement.",
                        new Measured(other, one, Quantity.SHARE),
                        "%s plays at %s and %s at %s: the movement changes pace at the joint."
                                .formatted(
                                        out.shot().code(),
                                        out.playback().label(),
                                        into.shot().code(),
                                        into.playback().label()),
                        List.of(straight(into))));
    }

    /**
     * Seconds of the action that both shots hold. Where the planner says where the uses begin, the second has to begin
     * where the first ends, and what lies between is lost.
     */
    private static double sharedS(Picture out, Picture into) {
        double held = Math.min(
                ShotNumbers.of(out.around(), out.shot()).hold().cleanS(),
                ShotNumbers.of(into.around(), into.shot()).hold().cleanS());
        double both = Math.min(held, into.action().durationS());
        if (out.use().inS().isEmpty() || into.use().inS().isEmpty()) {
            return both;
        }
        double end = out.use().inS().get() + out.realS();
        double off = Math.abs(end - into.use().inS().get());
        return off <= SHARED_S ? both : SHARED_S - off;
    }

    private Optional<Finding> broken(Picture out, Picture into, String why, double shared) {
        List<Mend> mends = new ArrayList<>(List.of(straight(into)));
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(out.use().id(), into.use().id()),
                "The movement does not match.",
                new Measured(shared, SHARED_S, Quantity.SECONDS),
                why,
                mends));
    }

    private static Mend straight(Picture into) {
        return new Mend("Make it a straight cut", Change.edit(into.use(), one -> one.withEntry(Entry.STRAIGHT)));
    }
}
