package upshot.app.job;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a stage keeps beside the plan. It is only ever added to, each line with an id made by whoever writes it and a number
 * that counts up in its job; persons stand in it by id. It goes with its job.
 */
public interface SideStore {

    /** The name of its file in what somebody takes away. */
    String name();

    /** The number of a job's newest line, 0 where there is none. */
    long last(UUID jobId);

    /** What others added after a line, in a few words; empty for nothing. */
    Optional<String> newsSince(UUID jobId, long number, UUID accountId);

    /** All lines of a job, in their order, to be written as JSON. */
    List<? extends Record> lines(UUID jobId);

    /** All lines that a person wrote, in whoever's jobs. */
    List<? extends Record> linesOf(UUID accountId);
}
