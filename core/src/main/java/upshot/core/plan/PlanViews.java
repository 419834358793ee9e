package upshot.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Every shot and every action of a plan as it stands in it; views that hold are taken over from plans before. */
final class PlanViews {

    private final List<Shot> shots;
    private final Map<UUID, Integer> places;
    private final List<ShotView> views = new ArrayList<>();
    private final Map<UUID, OfAction> actions;

    /** The record that the plan holds itself, and how it is seen: an equal one may be in the view. */
    private record OfAction(Action own, ActionView view) {}

    PlanViews(Plan plan, Memory memory) {
        shots = plan.shots();
        places = plan.groups().shotPlaces();
        actions = new HashMap<>(2 * plan.actions().size());
        List<ExtraCrew> shifts = plan.list(RecordKind.SHIFT);
        for (Action action : plan.actions()) {
            int state = plan.stateOf(action);
            int first = views.size();
            for (Shot shot : plan.shotsOf(action)) {
                views.add(memory.same(
                        shot.id(),
                        known -> known instanceof ShotView one && one.shows(plan, shot, action, state),
                        () -> new ShotView(plan, shot, action, state)));
            }
            List<ShotView> ofAction = List.copyOf(views.subList(first, views.size()));
            actions.put(
                    action.id(),
                    new OfAction(
                            action,
                            memory.same(
                                    action.id(),
                                    known -> known instanceof ActionView one
                                            && one.shows(plan.given(), action, state, ofAction, shifts),
                                    () -> new ActionView(plan.given(), action, state, ofAction, shifts))));
        }
    }

    /** All shots, in story order of their actions, then by rank. */
    List<ShotView> all() {
        return Collections.unmodifiableList(views);
    }

    /** A shot of the plan. */
    ShotView of(UUID shotId) {
        return views.get(places.get(shotId));
    }

    /** The view of a shot that is the plan's own record, and not one that is only being thought of; else null. */
    ShotView own(Shot shot) {
        Integer place = places.get(shot.id());
        return place != null && shots.get(place) == shot ? views.get(place) : null;
    }

    /** The same of an action. */
    ActionView own(Action action) {
        OfAction known = actions.get(action.id());
        return known != null && known.own == action ? known.view : null;
    }
}
