package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.size.SizeClass;

/** The school that asks wide, mid and detail of each action; a feature needs one picture, of any size. */
public final class Triad {

    private Triad() {}

    /** The holes of the whole plan in story order, wide before mid before detail. */
    public static List<Hole> holes(Plan plan) {
        List<Hole> holes = new ArrayList<>();
        plan.actions().forEach(action -> holes.addAll(holes(plan, action)));
        return holes;
    }

    /** The holes of one action. */
    public static List<Hole> holes(Plan plan, Action action) {
        List<SizeClass> covered = plan.shotsOf(action).stream()
                .map(shot -> shot.size().sizeClass())
                .distinct()
                .toList();
        if (action.feature()) {
            return covered.isEmpty()
                    ? List.of(new Hole(action.id(), SizeClass.WIDE, "Nothing shows this place or thing."))
                    : List.of();
        }
        return Arrays.stream(SizeClass.values())
                .filter(sizeClass -> !covered.contains(sizeClass))
                .map(sizeClass -> new Hole(action.id(), sizeClass, misses(sizeClass)))
                .toList();
    }

    private static String misses(SizeClass sizeClass) {
        return switch (sizeClass) {
            case WIDE -> "Nobody will know where this is.";
            case MID -> "Nobody will see who does it.";
            case DETAIL -> "Nothing to cut to: no picture of what it is.";
        };
    }
}
