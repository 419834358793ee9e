package upshot.core.plan;

import java.util.Arrays;
import java.util.List;

/**
 * How a shot is composed, without doubles and always in the same order.
 *
 * @param tags may be empty
 */
public record Devices(List<Device> tags) {

    public static final Devices NONE = new Devices(List.of());

    public Devices {
        tags = Tags.sorted(Device.class, tags);
    }

    public static Devices of(Device... tags) {
        return new Devices(Arrays.asList(tags));
    }

    /**
     * Reads names separated by commas, as {@link #toString} writes them.
     *
     * @throws IllegalArgumentException when a name is no device
     */
    public static Devices parse(String text) {
        return new Devices(Tags.parse(Device.class, text));
    }

    @Override
    public String toString() {
        return Tags.written(tags);
    }
}
