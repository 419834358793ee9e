package upshot.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * The cautions of one action, without doubles and always in the same order, so that equal sets are equal values.
 *
 * @param tags may be empty
 */
public record Cautions(List<Caution> tags) {

    public static final Cautions NONE = new Cautions(List.of());

    public Cautions {
        tags = Tags.sorted(Caution.class, tags);
    }

    public static Cautions of(Caution... tags) {
        return new Cautions(Arrays.asList(tags));
    }

    /**
     * Reads names separated by commas, as {@link #toString} writes them.
     *
     * @throws IllegalArgumentException when a name is no caution
     */
    public static Cautions parse(String text) {
        return new Cautions(Tags.parse(Caution.class, text));
    }

    /** All of these and all of those. */
    public Cautions and(Cautions others) {
        return new Cautions(Stream.concat(tags.stream(), others.tags.stream()).toList());
    }

    @Override
    public String toString() {
        return Tags.written(tags);
    }
}
