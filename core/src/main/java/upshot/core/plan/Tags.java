package upshot.core.plan;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Collectors;

/** Sets of constants as values: sorted, so that equal sets are equal, and written as names between commas. */
final class Tags {

    private Tags() {}

    static <E extends Enum<E>> List<E> sorted(Class<E> type, Collection<E> tags) {
        EnumSet<E> sorted = EnumSet.noneOf(type);
        sorted.addAll(tags);
        return List.copyOf(sorted);
    }

    static <E extends Enum<E>> List<E> parse(Class<E> type, String text) {
        return text.isBlank()
                ? List.of()
                : Arrays.stream(text.split(","))
                        .map(name -> Enum.valueOf(type, name.trim()))
                        .toList();
    }

    static String written(Collection<? extends Enum<?>> tags) {
        return tags.stream().map(Enum::name).collect(Collectors.joining(","));
    }
}
