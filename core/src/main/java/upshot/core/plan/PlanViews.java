package upshot.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Every shot and every action of a plan as it stands in it; views that hold are taken over from plans before. */
final class PlanViews {

    private final Map<UUID, OfShot> shots = new HashMap<>();
    private final Map<UUID, OfAction> actions = new HashMap<>();

    /** The record that the plan holds itself, and how it is seen: an equal one may be in the view. */
    private record OfShot(Shot own, ShotView view) {}

    private record OfAction(Action own, ActionView view) {}

    PlanViews(Plan plan, Memory memory) {
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

    /** A shot of the plan. */
    ShotView of(Shot shot) {
        return shots.get(shot.id()).view;
    }

    /** Whether a record is the plan's own, and not one that is only being thought of. */
    boolean owns(Shot shot) {
        OfShot known = shots.get(shot.id());
        return known != null && known.own == shot;
    }

    ActionView of(Action action) {
        return actions.get(action.id()).view;
    }

    boolean owns(Action action) {
        OfAction known = actions.get(action.id());
        return known != null && known.own == action;
    }
}
