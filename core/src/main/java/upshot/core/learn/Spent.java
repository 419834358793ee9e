package upshot.core.learn;

import java.util.Set;
import upshot.core.house.Threshold;

/**
 * A change from one setup to the next, as long as it really took.
 *
 * @param minutes from the last stop to the first roll, less the walk; at least 0
 * @param parts what had to be done in it, by the figures that say how long
 */
record Spent(double minutes, Set<Threshold> parts) {

    public Spent {
        parts = Set.copyOf(parts);
    }
}
