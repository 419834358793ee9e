package upshot.core.coverage;

import java.util.List;
import java.util.function.Predicate;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Taken;
import upshot.core.size.SizeClass;

/**
 * What is there of a plan while it is asked what is missing.
 *
 * @param kept the shots that are there
 */
record Shown(Plan plan, Predicate<Shot> kept) {

    private static final int REFRAMED = 3;

    List<Shot> shots() {
        return plan.shots().stream().filter(kept).toList();
    }

    List<Shot> shotsOf(Action action) {
        return plan.shotsOf(action).stream().filter(kept).toList();
    }

    /** What happens, without what only is there. */
    List<Action> happening() {
        return plan.actions().stream().filter(action -> !action.feature()).toList();
    }

    boolean lacks(Action action, SizeClass size, View view) {
        return shotsOf(action).stream().noneMatch(shot -> shot.size().sizeClass() == size && view.shows(plan, shot));
    }

    /** How many pictures of an action there can be: of what happens once as many as its cameras and reframes take. */
    int owed(Action action) {
        if (!action.once() || action.stagedAgain()) {
            return SizeClass.values().length;
        }
        return action.taken() == Taken.REFRAMED
                ? REFRAMED
                : action.taken() == Taken.TWO_CAMERAS
                        ? Math.min(2, plan.bodies().size())
                        : 1;
    }
}
