package upshot.core.plan;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The cautions of one action, without doubles and always in the same order, so that equal sets are equal values.
 *
 * @param tags may be empty
 */
public record Cautions(List<Caution> tags) {

    public static final Cautions NONE = new Cautions(List.of());

    public Cautions {
        EnumSet<Caution> sorted = EnumSet.noneOf(Caution.class);
        sorted.addAll(tags);
        tags = List.copyOf(sorted);
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
        return text.isBlank()
                ? NONE
                : new Cautions(Arrays.stream(text.split(","))
                        .map(name -> Caution.valueOf(name.trim()))
                        .toList());
    }

    @Override
    public String toString() {
        return tags.stream().map(Caution::name).collect(Collectors.joining(","));
    }
}
