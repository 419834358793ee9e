package upshot.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Parts of a floor where no camera stands: furniture, water, the crew's line round a fire.
 *
 * @param outlines at most 20, each with three corners or more
 */
public record Zones(List<Outline> outlines) {

    public static final Zones NONE = new Zones(List.of());

    private static final int MOST = 20;

    public Zones {
        outlines = List.copyOf(outlines);
        if (outlines.size() > MOST || outlines.contains(Outline.NONE)) {
            throw new IllegalArgumentException(
                    "There are at most %d zones, each with three corners or more.".formatted(MOST));
        }
    }

    /**
     * Reads outlines separated by strokes: {@code 0 0, 1 0, 1 1 / 3 3, 4 3, 4 4}.
     *
     * @throws IllegalArgumentException when one of them is no outline
     */
    public static Zones parse(String text) {
        List<Outline> outlines = new ArrayList<>();
        if (!text.isBlank()) {
            for (String outline : text.split("/", -1)) {
                outlines.add(Outline.parse(outline));
            }
        }
        return new Zones(outlines);
    }

    @Override
    public String toString() {
        return outlines.stream().map(Outline::toString).collect(Collectors.joining(" / "));
    }
}
