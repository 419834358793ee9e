package upshot.core.plan;

import java.util.UUID;
import upshot.core.measure.FrameRate;

/**
 * A way in which a body records: quick rates often use less of the sensor.
 *
 * @param name 1 to 60 characters
 * @param rank the first that records a rate is used for it
 * @param widthPx recorded, 16 to 20 000
 * @param heightPx recorded, 16 to 20 000
 * @param rates what it records
 * @param sensorWidthMm active area across, 2 to 80 mm
 * @param sensorHeightMm active area down, 2 to 80 mm
 * @param bitRateMbps 0.1 to 20 000 Mbit/s
 * @param bitRateScales whether the bit rate grows with the frame rate
 */
public record Mode(
        UUID id,
        @Refers(to = "body") UUID bodyId,
        String name,
        double rank,
        int widthPx,
        int heightPx,
        FrameRates rates,
        double sensorWidthMm,
        double sensorHeightMm,
        double bitRateMbps,
        boolean bitRateScales)
        implements PlanRecord {

    public Mode {
        Check.present("id", id);
        Check.present("bodyId", bodyId);
        name = Check.text("name", "name of the mode", name, 1, 60);
        rank = Check.rank(rank);
        widthPx = Check.whole("widthPx", "recorded width", widthPx, 16, 20_000, "px");
        heightPx = Check.whole("heightPx", "recorded height", heightPx, 16, 20_000, "px");
        Check.chosen("rates", "rates", rates);
        sensorWidthMm = Check.range("sensorWidthMm", "sensor width", sensorWidthMm, 2, 80, "mm");
        sensorHeightMm = Check.range("sensorHeightMm", "sensor height", sensorHeightMm, 2, 80, "mm");
        bitRateMbps = Check.range("bitRateMbps", "bit rate", bitRateMbps, 0.1, 20_000, "Mbit/s");
    }

    /** Whether it records a rate. */
    public boolean records(FrameRate rate) {
        return rates.rates().contains(rate);
    }

    /** The picture as a body records it that is held upright, or as it is. */
    public Mode heldBy(Body body) {
        return body.portrait()
                ? new Mode(
                        id,
                        bodyId,
                        name,
                        rank,
                        heightPx,
                        widthPx,
                        rates,
                        sensorHeightMm,
                        sensorWidthMm,
                        bitRateMbps,
                        bitRateScales)
                : this;
    }

    @Override
    public String label() {
        return name;
    }
}
