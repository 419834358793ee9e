package upshot.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What is to be seen around a shot: its action, what the cut shows of it, and all that is given. */
public interface Around extends Givens {

    /**
     * The action that a shot belongs to.
     *
     * @throws IllegalArgumentException when it is not in sight from here
     */
    Action actionOf(Shot shot);

    /** What the cut shows of a shot, in edit order. */
    List<Use> usesOf(Shot shot);

    /** How the cut leaves a use of a shot; empty where it ends with it. */
    Optional<Transition> outOf(Use use);

    /** Whether the cut begins or ends with a shot. */
    boolean opensOrCloses(Shot shot);

    /**
     * How far the thing of an action has come: the place of its state among those that the story sets, from 0; −1 where it
     * sets none.
     */
    int stateOf(Action action);

    /**
     * What follows for a shot from all this, worked out the first time it is asked for; each time for a shot that is only
     * being thought of.
     *
     * @param what the type of the answer, which stands for the question too
     */
    <T> T remember(Class<T> what, Shot of, Function<Around, T> work);

    /** Whom a shot shows: its own subject, or the action's. */
    default Subject subjectOf(Shot shot) {
        return shot.subjectId().map(id -> get(RecordKind.SUBJECT, id)).orElseGet(() -> subjectOf(actionOf(shot)));
    }
}
