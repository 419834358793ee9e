package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.plan.Action;
import upshot.core.plan.Focus;
import upshot.core.plan.Plan;
import upshot.core.size.SubjectKind;

/**
 * What happens at one spot without a pause: consecutive actions of one subject, and what happens to things in between,
 * which are in the same hands. Features between and the borders of beats do not part it; another light does, and a state
 * that an action sets.
 */
final class Scenes {

    private Scenes() {}

    /** In story order, each with its actions; features are in none. */
    static List<List<Action>> of(Plan plan) {
        List<List<Action>> scenes = new ArrayList<>();
        Action before = null;
        Optional<UUID> who = Optional.empty();
        for (Action action : plan.actions()) {
            if (action.feature()) {
                continue;
            }
            boolean inHands = ofAThing(plan, action);
            boolean sameHands = inHands || who.isEmpty() || who.get().equals(action.subjectId());
            if (before == null || !sameHands || !goesOn(before, action)) {
                scenes.add(new ArrayList<>());
                who = Optional.empty();
            }
            who = inHands ? who : Optional.of(action.subjectId());
            scenes.get(scenes.size() - 1).add(action);
            before = action;
        }
        return scenes;
    }

    /** Something is done to a thing, and nobody is named who does it. */
    private static boolean ofAThing(Plan plan, Action action) {
        return action.focus() == Focus.THING && plan.subjectOf(action).kind() == SubjectKind.OBJECT;
    }

    private static boolean goesOn(Action before, Action action) {
        return before.spotId().equals(action.spotId())
                && before.wantedLight() == action.wantedLight()
                && before.setsState().isEmpty();
    }
}
