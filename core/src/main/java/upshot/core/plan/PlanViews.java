package upshot.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Every shot and every action of a plan as it stands in it; views that hold are taken over from plans before. */
final class PlanViews {

    private final List<ShotView> all = new ArrayList<>();
    private final Map<UUID, OfShot> shots;
    private final Map<UUID, OfAction> actions;

    /** The record that the plan holds itself, and how it is seen: an equal one may be in the view. */
    private record OfShot(Shot own, ShotView view) {}

    private record OfAction(Action own, ActionView view) {}

    PlanViews(Plan plan, Memory memory) {
        shots = new HashMap<>(2 * plan.shots().size());
        actions = new HashMap<>(2 * plan.actions().size());
        List<ExtraCrew> shifts = plan.list(RecordKind.SHIFT);
        for (Action action : plan.actions()) {
            int state = plan.stateOf(action);
            List<ShotView> views = new ArrayList<>();
            for (Shot shot : plan.shotsOf(action)) {
                ShotView view = memory.same(
                        shot.id(),
                        known -> known instanceof ShotView one && one.shows(plan, shot, action, state),
                        () -> new ShotView(plan, shot, action, state));
                shots.put(shot.id(), new OfShot(shot, view));
                views.add(view);
            }
            all.addAll(views);
            actions.put(
                    action.id(),
                    new OfAction(
                            action,
                            memory.same(
                                    action.id(),
                                    known -> known instanceof ActionView one
                                            && one.shows(plan.given(), action, state, views, shifts),
                                    () -> new ActionView(plan.given(), action, state, views, shifts))));
        }
    }

    /** All shots, in story order of their actions, then by rank. */
    List<ShotView> all() {
        return Collections.unmodifiableList(all);
    }

    /** A shot of the plan. */
    ShotView of(Shot shot) {
        return shots.get(shot.id()).view;
    }

    /** The view of a shot that is the plan's own record, and not one that is only being thought of; else null. */
    ShotView own(Shot shot) {
        OfShot known = shots.get(shot.id());
        return known != null && known.own == shot ? known.view : null;
    }

    /** The same of an action. */
    ActionView own(Action action) {
        OfAction known = actions.get(action.id());
        return known != null && known.own == action ? known.view : null;
    }
}
