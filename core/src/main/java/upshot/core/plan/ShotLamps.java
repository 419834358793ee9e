package upshot.core.plan;

import static upshot.core.plan.Check.range;

import java.util.Optional;

/**
 * What is lit for it.
 *
 * @param lampsOff whether the spot's lamps are switched off for it
 * @param keyDeg where the main lamp of one's own stands round the subject, as bearings count, 0 to 360°, or none
 * @param fillDeg the softer one, likewise
 * @param backDeg the one from behind, likewise
 */
public record ShotLamps(boolean lampsOff, Optional<Double> keyDeg, Optional<Double> fillDeg, Optional<Double> backDeg)
        implements Part {

    public ShotLamps {
        keyDeg = range("keyDeg", "key", keyDeg, 0, 360, "°");
        fillDeg = range("fillDeg", "fill", fillDeg, 0, 360, "°");
        backDeg = range("backDeg", "back light", backDeg, 0, 360, "°");
    }

    ShotLamps withLampsOff(boolean lampsOff) {
        return new ShotLamps(lampsOff, keyDeg, fillDeg, backDeg);
    }
}
