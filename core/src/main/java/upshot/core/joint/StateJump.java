package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;

/** A thing is shown in an earlier state than it was in before: whole again, unfired again. */
final class StateJump implements LooksBack {

    @Override
    public String id() {
        return "state-jump";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "What was further already",
                "A thing is not shown in a state that it has left.",
                "What was fired is not raw again.",
                RuleCard.Source.PLAN);
    }

    @Override
    public boolean asks(Picture into) {
        return tells(into.action()) && into.use().entry() != Entry.RETURN;
    }

    @Override
    public boolean settles(Picture earlier, Picture next, Picture into) {
        return tells(earlier.action())
                && earlier.action().thing().equals(into.action().thing());
    }

    @Override
    public Optional<Finding> compare(Picture earlier, Picture next, Picture into, int between) {
        int before = earlier.around().state();
        int now = into.around().state();
        return now < before ? Optional.of(finding(earlier, into, before, now)) : Optional.empty();
    }

    private static boolean tells(Action action) {
        return action.hasThing() && !action.setsState().isEmpty();
    }

    private Finding finding(Picture earlier, Picture into, int before, int now) {
        return new Finding(
                id(),
                Status.BREAK,
                List.of(earlier.use().id(), into.use().id()),
                "It was further already.",
                new Measured(now + 1, before + 1, Quantity.COUNT),
                "The %s was %s in %s and is %s in %s again."
                        .formatted(
                                into.action().thing(),
                                earlier.action().setsState(),
                                earlier.shot().code(),
                                into.action().setsState(),
                                into.shot().code()),
                Mends.later(() -> List.of(
                        new Mend("Mark as a return", Change.edit(into.use(), one -> one.withEntry(Entry.RETURN))))));
    }
}
