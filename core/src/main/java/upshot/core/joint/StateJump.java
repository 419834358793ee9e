package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;

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
    public boolean asks(PaperCut cut, Placed into) {
        return tells(into.action()) && into.use().entry() != Entry.RETURN;
    }

    @Override
    public boolean settles(PaperCut cut, Placed earlier, Placed into) {
        return tells(earlier.action())
                && earlier.action().thing().equals(into.action().thing());
    }

    @Override
    public Optional<Finding> compare(PaperCut cut, Placed earlier, Placed into) {
        int before = order(cut.plan(), earlier.action());
        int now = order(cut.plan(), into.action());
        return now < before ? Optional.of(finding(earlier, into, before, now)) : Optional.empty();
    }

    private static boolean tells(Action action) {
        return action.hasThing() && !action.setsState().isEmpty();
    }

    /** States follow one another as the actions that set them do in the story. */
    private static int order(Plan plan, Action action) {
        return plan.actions().stream()
                .filter(one -> tells(one) && one.thing().equals(action.thing()))
                .map(Action::setsState)
                .distinct()
                .toList()
                .indexOf(action.setsState());
    }

    private Finding finding(Placed earlier, Placed into, int before, int now) {
        return new Finding(
                id(),
                Status.BREAK,
                List.of(earlier.use().id(), into.use().id()),
                "It was further already.",
                new Measured(now + 1, before + 1, "state"),
                "The %s was %s in %s and is %s in %s again."
                        .formatted(
                                into.action().thing(),
                                earlier.action().setsState(),
                                earlier.shot().code(),
                                into.action().setsState(),
                                into.shot().code()),
                List.of(new Mend("Mark as a return", Change.set(into.use(), "entry", Entry.RETURN))));
    }
}
