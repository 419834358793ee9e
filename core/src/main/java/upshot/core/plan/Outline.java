package upshot.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import upshot.core.measure.Numbers;

/**
 * A spot's floor seen from above: corners in order, metres to the right of and behind its front left corner. Empty where
 * width and depth say enough.
 *
 * @param corners none, or 3 to 60
 */
public record Outline(List<Corner> corners) {

    public static final Outline NONE = new Outline(List.of());

    private static final int FEWEST = 3;
    private static final int MOST = 60;
    private static final double FARTHEST_M = 1000;

    /** A point in metres. What is worked out, such as where a long lens stands, may lie far beyond a plan. */
    public record Corner(double acrossM, double deepM) {
        public Corner {
            if (!Double.isFinite(acrossM) || !Double.isFinite(deepM)) {
                throw new IllegalArgumentException("A corner (%s %s) lies nowhere.".formatted(acrossM, deepM));
            }
            acrossM += 0.0;
            deepM += 0.0;
        }
    }

    public Outline {
        corners = List.copyOf(corners);
        if (!corners.isEmpty() && (corners.size() < FEWEST || corners.size() > MOST)) {
            throw new IllegalArgumentException(
                    "An outline has %d to %d corners, not %d.".formatted(FEWEST, MOST, corners.size()));
        }
        for (Corner one : corners) {
            if (!Numbers.within(one.acrossM, -FARTHEST_M, FARTHEST_M)
                    || !Numbers.within(one.deepM, -FARTHEST_M, FARTHEST_M)) {
                throw new IllegalArgumentException(
                        "A corner (%s %s) lies within %s m.".formatted(one.acrossM, one.deepM, FARTHEST_M));
            }
        }
        if (!corners.isEmpty() && areaM2(corners) < 1e-3) {
            throw new IllegalArgumentException("The outline encloses no floor.");
        }
    }

    /**
     * Reads corners separated by commas, each two numbers: {@code 0 0, 5 0, 5 4, 0 4}.
     *
     * @throws IllegalArgumentException when a corner is none
     */
    public static Outline parse(String text) {
        return text.isBlank() ? NONE : new Outline(points(text));
    }

    /**
     * The same for points that enclose nothing.
     *
     * @throws IllegalArgumentException when one is none
     */
    public static List<Corner> points(String text) {
        List<Corner> corners = new ArrayList<>();
        for (String corner : text.split("[,;]")) {
            String[] numbers = corner.strip().split("\\s+");
            if (numbers.length != 2) {
                throw new IllegalArgumentException(
                        "“%s” is no corner. Maybe two numbers with a space between, like 5 0?"
                                .formatted(corner.strip()));
            }
            corners.add(new Corner(Double.parseDouble(numbers[0]), Double.parseDouble(numbers[1])));
        }
        return corners;
    }

    /** The floor's area in square metres, by the shoelace formula. */
    public double areaM2() {
        return areaM2(corners);
    }

    private static double areaM2(List<Corner> corners) {
        double doubled = 0;
        for (int i = 0; i < corners.size(); i++) {
            Corner one = corners.get(i);
            Corner next = corners.get((i + 1) % corners.size());
            doubled += one.acrossM * next.deepM - next.acrossM * one.deepM;
        }
        return Math.abs(doubled) / 2;
    }

    @Override
    public String toString() {
        return corners.stream()
                .map(corner -> corner.acrossM + " " + corner.deepM)
                .collect(Collectors.joining(", "));
    }
}
