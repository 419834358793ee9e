package upshot.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import upshot.core.measure.FrameRate;

/**
 * The rates that a body's mode records, slowest first, without doubles.
 *
 * @param rates 1 to 20
 */
public record FrameRates(List<FrameRate> rates) {

    private static final int MOST = 20;

    public FrameRates {
        rates = rates.stream().distinct().sorted().toList();
        if (rates.isEmpty() || rates.size() > MOST) {
            throw new IllegalArgumentException("A mode records 1 to %d rates, not %d.".formatted(MOST, rates.size()));
        }
    }

    /** Reads rates separated by commas, as {@link #toString} writes them, or in the short forms of a rate. */
    public static FrameRates parse(String text) {
        return new FrameRates(
                Arrays.stream(text.split("[,;]")).map(FrameRate::parse).toList());
    }

    public FrameRate quickest() {
        return rates.get(rates.size() - 1);
    }

    @Override
    public String toString() {
        return rates.stream().map(FrameRate::toString).collect(Collectors.joining(", "));
    }
}
