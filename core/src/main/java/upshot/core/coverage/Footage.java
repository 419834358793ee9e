package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import upshot.core.ground.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;

/**
 * How much of an action can be used, for how much of it is shown. Two of its shots count twice only when they can be
 * cut together: of shots that are too alike the first counts.
 *
 * @param usableS seconds of playback of one keeper a shot
 * @param screenS seconds in the cut
 */
public record Footage(double usableS, double screenS) {

    /**
     * @param numbers of the plan's shots
     */
    public static Footage of(Plan plan, Action action, Map<UUID, ShotNumbers> numbers) {
        return plan.once(Footage.class, action, () -> workedOut(plan, action, numbers));
    }

    private static Footage workedOut(Plan plan, Action action, Map<UUID, ShotNumbers> numbers) {
        List<Shot> counted = new ArrayList<>();
        for (Shot shot : plan.shotsOf(action)) {
            if (counted.stream()
                    .allMatch(other -> Likeness.between(plan, other, shot).clear())) {
                counted.add(shot);
            }
        }
        return new Footage(
                counted.stream()
                        .mapToDouble(shot -> numbers.get(shot.id()).usableScreenS())
                        .sum(),
                plan.shotsOf(action).stream()
                        .mapToDouble(shot -> numbers.get(shot.id()).screenS())
                        .sum());
    }
}
