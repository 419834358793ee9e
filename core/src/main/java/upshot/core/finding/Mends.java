package upshot.core.finding;

import java.util.AbstractList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Mends that are worked out when somebody first looks at them: most findings are only counted, and to find a better
 * bearing or size takes longer than to see that one is wanted.
 */
public final class Mends extends AbstractList<Mend> {

    private final Supplier<List<Mend>> search;
    private volatile List<Mend> found;

    private Mends(Supplier<List<Mend>> search) {
        this.search = search;
    }

    /**
     * @param search gives the same list each time
     */
    public static List<Mend> later(Supplier<List<Mend>> search) {
        return new Mends(search);
    }

    private List<Mend> found() {
        if (found == null) {
            found = searched();
        }
        return found;
    }

    /** A search that falls over finds nothing: the finding itself still stands. */
    private List<Mend> searched() {
        try {
            return List.copyOf(search.get());
        } catch (RuntimeException broken) {
            return List.of();
        }
    }

    @Override
    public Mend get(int index) {
        return found().get(index);
    }

    @Override
    public int size() {
        return found().size();
    }
}
