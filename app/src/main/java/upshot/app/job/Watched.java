package upshot.app.job;

import java.util.UUID;

/** What stands beside the plan and is not only added to; open pages follow it without a word. */
public interface Watched {

    /** Figures and no points: another text where a page would show something else. */
    String state(UUID jobId);
}
