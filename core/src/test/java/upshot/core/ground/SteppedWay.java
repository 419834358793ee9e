package upshot.core.ground;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import org.locationtech.jts.geom.Geometry;
import upshot.core.plan.Outline.Corner;

/** Ways from point to point of a grid of a tenth of a metre: another reckoning, for tests to hold the real one against. */
final class SteppedWay {

    private static final int ACROSS = 101;
    private static final int DEEP = 61;
    private static final double STEP_M = 0.1;

    private final boolean[] free = new boolean[ACROSS * DEEP];

    private record Reached(int at, double lengthM) {}

    SteppedWay(Geometry floor, List<Geometry> things) {
        for (int at = 0; at < free.length; at++) {
            Geometry point = Shapes.point(corner(at));
            // The corners of what is kept free are mitred: the longest reaches 1.42 times as far.
            free[at] = floor.getBoundary().distance(point) >= Ways.HALF_A_PERSON_M
                    && things.stream().allMatch(one -> one.distance(point) >= 1.45 * Ways.HALF_A_PERSON_M);
        }
    }

    private static Corner corner(int at) {
        return new Corner(at % ACROSS * STEP_M, at / ACROSS * STEP_M);
    }

    private static int nearest(Corner corner) {
        return (int) Math.round(corner.deepM() / STEP_M) * ACROSS + (int) Math.round(corner.acrossM() / STEP_M);
    }

    /** Infinite where no step leads. */
    double lengthM(Corner from, Corner to) {
        double[] walked = new double[free.length];
        Arrays.fill(walked, Double.POSITIVE_INFINITY);
        PriorityQueue<Reached> open = new PriorityQueue<>(Comparator.comparingDouble(Reached::lengthM));
        open.add(new Reached(nearest(from), 0));
        while (!open.isEmpty()) {
            Reached here = open.remove();
            if (!free[here.at] || here.lengthM >= walked[here.at]) {
                continue;
            }
            walked[here.at] = here.lengthM;
            for (int across = -1; across <= 1; across++) {
                for (int deep = -1; deep <= 1; deep++) {
                    int column = here.at % ACROSS + across;
                    int next = here.at + deep * ACROSS + across;
                    if (column >= 0 && column < ACROSS && next >= 0 && next < free.length) {
                        open.add(new Reached(next, here.lengthM + STEP_M * Math.hypot(across, deep)));
                    }
                }
            }
        }
        return walked[nearest(to)];
    }
}
