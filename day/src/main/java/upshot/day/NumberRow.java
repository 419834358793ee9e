package upshot.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * A row of numbers for whoever has nothing else in common: a list as its length and its members, something optional as 0
 * or 1 and itself, a truth as 0 or 1.
 */
public abstract class NumberRow {

    private final List<Double> written = new ArrayList<>();
    private final double[] read;
    private int at;

    /**
     * A row to be read, or none to be written.
     *
     * @param read what is read from
     */
    protected NumberRow(double[] read) {
        this.read = read;
    }

    /** Whether anything is left to be read. */
    protected final boolean more() {
        return at < read.length;
    }

    /** @throws IllegalArgumentException when more follows */
    protected final void end() {
        if (at != read.length) {
            throw new IllegalArgumentException("More numbers follow after the end.");
        }
    }

    protected final double[] numbers() {
        double[] numbers = new double[written.size()];
        for (int i = 0; i < numbers.length; i++) {
            numbers[i] = written.get(i);
        }
        return numbers;
    }

    protected final void put(double... numbers) {
        for (double number : numbers) {
            written.add(number);
        }
    }

    protected final void put(boolean truth) {
        put(truth ? 1 : 0);
    }

    protected final <T> void list(List<T> all, Consumer<T> each) {
        put(all.size());
        all.forEach(each);
    }

    protected final <T> void optional(Optional<T> one, Consumer<T> itself) {
        put(one.isPresent());
        one.ifPresent(itself);
    }

    protected final double number() {
        if (at == read.length) {
            throw new IllegalArgumentException("The numbers end too early.");
        }
        return read[at++];
    }

    protected final int whole() {
        return (int) number();
    }

    protected final boolean truth() {
        return number() != 0;
    }

    protected final <T> List<T> list(Supplier<T> each) {
        int size = whole();
        if (size < 0 || size > read.length - at) {
            throw new IllegalArgumentException("The numbers end too early.");
        }
        List<T> all = new ArrayList<>(size);
        for (int i = 0; i < size; i++) {
            all.add(each.get());
        }
        return all;
    }

    protected final <T> Optional<T> optional(Supplier<T> itself) {
        return truth() ? Optional.of(itself.get()) : Optional.empty();
    }
}
