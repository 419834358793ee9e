package upshot.core.brief;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;

/** Which action a sound belongs to that somebody has only named. */
public final class HeardAt {

    /** Words as short as that tie nothing together: "the", "and". */
    private static final int SHORT = 3;

    private HeardAt() {}

    /**
     * The action that shares the most words with it, whatever their endings, the last that was told where none does; those that have a sound already
     * come after those that have none.
     *
     * @return empty where nothing has been written down yet
     */
    public static Optional<Action> of(Plan plan, String sound) {
        Set<String> heard = words(sound);
        List<Action> silent =
                plan.actions().stream().filter(one -> one.sound().isEmpty()).toList();
        List<Action> asked = silent.isEmpty() ? plan.actions() : silent;
        return asked.stream().reduce((one, other) -> shared(one, heard) > shared(other, heard) ? one : other);
    }

    private static long shared(Action action, Set<String> heard) {
        return words(action.name()).stream()
                .filter(word -> heard.stream().anyMatch(one -> one.startsWith(word) || word.startsWith(one)))
                .count();
    }

    private static Set<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> word.length() > SHORT)
                .collect(Collectors.toSet());
    }
}
