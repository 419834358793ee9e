package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;

/**
 * What happens to one subject at one spot without a pause: consecutive actions of one subject at one spot. Features between
 * and the borders of beats do not part it; another light does, and a state that an action sets.
 */
final class Scenes {

    private Scenes() {}

    /** In story order, each with its actions; features are in none. */
    static List<List<Action>> of(Plan plan) {
        List<List<Action>> scenes = new ArrayList<>();
        Action before = null;
        for (Action action : plan.actions()) {
            if (action.feature()) {
                continue;
            }
            if (before == null || !goesOn(before, action)) {
                scenes.add(new ArrayList<>());
            }
            scenes.get(scenes.size() - 1).add(action);
            before = action;
        }
        return scenes;
    }

    private static boolean goesOn(Action before, Action action) {
        return before.subjectId().equals(action.subjectId())
                && before.spotId().equals(action.spotId())
                && before.wantedLight() == action.wantedLight()
                && before.setsState().isEmpty();
    }
}
