package upshot.day;

import java.util.List;
import java.util.Optional;

/**
 * A crew on one of the days.
 *
 * @param callMin when it starts, in minutes after the brief's call
 * @param wrapMin when it must be done
 * @param laterDay whether it works on another day than the shoot's own, where no fixed moment is
 * @param cameras that can roll one run together, at least 1
 * @param standing where it stands, once it has begun
 */
public record DayCrew(int callMin, int wrapMin, boolean laterDay, int cameras, Optional<Standing> standing) {

    /**
     * How a crew stands in the middle of its day.
     *
     * @param freeMin when it can turn to the next setup
     * @param last the setup whose stand and gear are still there, or −1
     * @param done setups that are shot, or will not be
     * @param pausedMin when its last pause ended; the call where it had none
     * @param fedMin when it has eaten last, likewise
     */
    public record Standing(int freeMin, int last, List<Integer> done, int pausedMin, int fedMin) {

        public Standing {
            done = List.copyOf(done);
        }
    }

    /** The same crew, standing somewhere. */
    DayCrew standing(Standing now) {
        return new DayCrew(callMin, wrapMin, laterDay, cameras, Optional.of(now));
    }
}
