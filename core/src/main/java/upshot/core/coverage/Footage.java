package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import upshot.core.ground.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.AroundAction;
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

    public static Footage of(AroundAction plan, Action action) {
        return plan.remember(Footage.class, action, around -> workedOut(around, action));
    }

    private static Footage workedOut(AroundAction plan, Action action) {
        List<Shot> counted = new ArrayList<>();
        for (Shot shot : plan.shotsOf(action)) {
            if (counted.stream()
                    .allMatch(other -> Likeness.between(plan, other, shot).clear())) {
                counted.add(shot);
            }
        }
        return new Footage(
                counted.stream()
                        .mapToDouble(shot -> ShotNumbers.of(plan, shot).usableScreenS())
                        .sum(),
                plan.shotsOf(action).stream()
                        .mapToDouble(shot -> ShotNumbers.of(plan, shot).screenS())
                        .sum());
    }
}
