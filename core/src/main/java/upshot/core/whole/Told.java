package upshot.core.whole;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;

/** What a film has told so far, one run of an action after the other. A search asks this of thousands of cuts. */
final class Told {

    private final Plan plan;
    private final Map<UUID, Integer> lastRuns = new HashMap<>();

    /** The actions before which nothing was told that was written after them. */
    private final List<Action> furthest = new ArrayList<>();

    private int runs;

    Told(Plan plan) {
        this.plan = plan;
    }

    /** How many runs there have been. */
    int runs() {
        return runs;
    }

    /** The last run of an action, 0 for the first of all; empty where it was not told yet. */
    OptionalInt lastRunOf(Action action) {
        Integer run = lastRuns.get(action.id());
        return run == null ? OptionalInt.empty() : OptionalInt.of(run);
    }

    boolean goesOnWith(Action action) {
        return runs > 0 && lastRunOf(action).orElse(-1) == runs - 1;
    }

    /** The first that was told of those that were written after an action. */
    Optional<Action> firstWrittenAfter(Action action) {
        return isFurthest(action)
                ? Optional.empty()
                : furthest.stream().filter(one -> place(one) > place(action)).findFirst();
    }

    private boolean isFurthest(Action action) {
        return furthest.isEmpty() || place(action) >= place(furthest.get(furthest.size() - 1));
    }

    private int place(Action action) {
        return plan.placeInStory(action.id());
    }

    void add(Action action) {
        if (isFurthest(action)) {
            furthest.add(action);
        }
        lastRuns.put(action.id(), runs++);
    }
}
