package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.whole;

import java.util.Optional;
import upshot.core.measure.FrameRate;

/**
 * How it is recorded.
 *
 * @param captureRate frames recorded a second
 * @param shutterPerS the number under the line of a shutter chosen by hand, 1 to 32 000, or none for the school's
 * @param iso 25 to 1 000 000
 * @param ndStops grey glass in front, 0 to 20 stops
 */
public record ShotExposure(FrameRate captureRate, Optional<Double> shutterPerS, int iso, double ndStops)
        implements Part {

    public ShotExposure {
        shutterPerS = range("shutterPerS", "shutter 1/", shutterPerS, 1, 32_000, "s");
        iso = whole("iso", "ISO", iso, 25, 1_000_000, "");
        ndStops = range("ndStops", "ND", ndStops, 0, 20, "stops");
        chosen("captureRate", "frame rate", captureRate);
    }

    ShotExposure withCaptureRate(FrameRate captureRate) {
        return new ShotExposure(captureRate, shutterPerS, iso, ndStops);
    }

    ShotExposure withShutterPerS(Optional<Double> shutterPerS) {
        return new ShotExposure(captureRate, shutterPerS, iso, ndStops);
    }

    ShotExposure withIso(int iso) {
        return new ShotExposure(captureRate, shutterPerS, iso, ndStops);
    }

    ShotExposure withNdStops(double ndStops) {
        return new ShotExposure(captureRate, shutterPerS, iso, ndStops);
    }
}
