package upshot.app.roll;

import java.util.Optional;
import java.util.UUID;
import upshot.app.job.Watched;

/** A day that plays itself, for whoever wants to see Roll without a shoot. The demo has one. */
public interface PlayedDay extends Watched {

    /** What the desk offers or says of it; empty for a job whose day cannot be played. */
    Optional<Shown> shown(UUID jobId);

    /**
     * What the desk shows.
     *
     * @param may whether it can be begun now
     * @param press what can be done to the network of the phones while it plays, empty for nothing
     */
    record Shown(boolean may, String press, String words) {}
}
