package upshot.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Say;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.shot.ShotNumbers;

/**
 * A cut on action needs the same action in both pictures, half a second that both have recorded, and a performance that
 * repeats or two cameras; both should play at one speed.
 */
final class ActionMatch implements JointRule {

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
    public Optional<Finding> judge(PaperCut cut, int joint) {
        Placed out = cut.outOf(joint);
        Placed into = cut.into(joint);
        if (into.use().entry() != Entry.ACTION) {
            return Optional.empty();
        }
        Plan plan = cut.plan();
        Action action = into.action();
        if (!out.action().equals(action)) {
            return broken(
                    out,
                    into,
                    "%s and %s show two actions."
                            .formatted(out.shot().code(), into.shot().code()),
                    0);
        }
        if (action.once() && plan.bodies().size() < 2) {
            return broken(out, into, "It happens once and one camera is there: nothing can be cut on it.", 0);
        }
        double shared = sharedS(cut, out, into);
        if (shared < SHARED_S) {
            return broken(
                    out,
                    into,
                    "Both have recorded %s s of it together; half a second is needed."
                            .formatted(Say.number(Math.max(0, shared), 2)),
                    shared);
        }
        double one = Math.abs(cut.playback(out).speed());
        double other = Math.abs(cut.playback(into).speed());
        return Math.abs(one - other) < 1e-6
                ? Optional.empty()
                : Optional.of(new Finding(
                        id(),
                        Status.WATCH,
                        List.of(out.use().id(), into.use().id()),
                        "Two speeds in one movement.",
                        new Measured(other, one, "of real time"),
                        "%s plays at %s and %s at %s: the movement changes pace at the joint."
                                .formatted(
                                        out.shot().code(),
                                        cut.playback(out).label(),
                                        into.shot().code(),
                                        cut.playback(into).label()),
                        List.of(straight(into))));
    }

    /**
     * Seconds of the action that both shots hold. Where the planner says where the uses begin, the second has to begin
     * where the first ends, and what lies between is lost.
     */
    private static double sharedS(PaperCut cut, Placed out, Placed into) {
        double held = Math.min(
                ShotNumbers.of(cut.plan(), out.shot()).hold().cleanS(),
                ShotNumbers.of(cut.plan(), into.shot()).hold().cleanS());
        double both = Math.min(held, into.action().durationS());
        if (out.use().inS().isEmpty() || into.use().inS().isEmpty()) {
            return both;
        }
        double end = out.use().inS().get() + cut.realS(out);
        double off = Math.abs(end - into.use().inS().get());
        return off <= SHARED_S ? both : SHARED_S - off;
    }

    private Optional<Finding> broken(Placed out, Placed into, String why, double shared) {
        List<Mend> mends = new ArrayList<>(List.of(straight(into)));
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(out.use().id(), into.use().id()),
                "The movement does not match.",
                new Measured(shared, SHARED_S, "s"),
                why,
                mends));
    }

    private static Mend straight(Placed into) {
        return new Mend("Make it a straight cut", Change.set(into.use(), "entry", Entry.STRAIGHT));
    }
}
