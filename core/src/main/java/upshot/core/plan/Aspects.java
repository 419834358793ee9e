package upshot.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import upshot.core.measure.Aspect;

/**
 * Further shapes that are delivered beside the leading one, without doubles, at most six.
 *
 * @param shapes may be empty
 */
public record Aspects(List<Aspect> shapes) {

    public static final Aspects NONE = new Aspects(List.of());

    private static final int MOST = 6;

    public Aspects {
        shapes = shapes.stream().distinct().toList();
        if (shapes.size() > MOST) {
            throw new IllegalArgumentException(
                    "%d shapes are more than the %d that fit.".formatted(shapes.size(), MOST));
        }
    }

    /** Reads shapes separated by commas, as {@link #toString} writes them. */
    public static Aspects parse(String text) {
        return text.isBlank()
                ? NONE
                : new Aspects(
                        Arrays.stream(text.split("[,;]")).map(Aspect::parse).toList());
    }

    @Override
    public String toString() {
        return shapes.stream().map(Aspect::toString).collect(Collectors.joining(", "));
    }
}
