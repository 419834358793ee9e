package upshot.app.job;

import java.util.UUID;

/** Somebody without an account who may see one job, and of it what their way in lets through. */
public interface JobKey {

    UUID jobId();
}
