package upshot.app.crew;

import java.util.UUID;
import upshot.app.job.JobKey;

/**
 * A phone that a crew code has admitted.
 *
 * @param phoneId of the phone, not of who holds it
 */
public record CrewKey(UUID jobId, UUID phoneId, String name, Standing standing) implements JobKey {

    /** How far its way in still goes. */
    public enum Standing {
        /** It sees the day and the log, and adds to it. */
        HERE,
        /** It sees nothing any more; what it still brings is set apart. */
        ENDED,
        /** It brings nothing any more either. */
        OVER
    }
}
