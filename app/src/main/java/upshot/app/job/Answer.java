package upshot.app.job;

import java.util.List;
import java.util.Map;

/**
 * What the page gets back.
 *
 * @param version of the plan that the pieces show
 * @param pieces to put in place by id
 * @param done what was done, to be said aloud; empty for nothing
 * @param parameters what is selected now
 */
record Answer(long version, List<StagePages.Piece> pieces, String done, Map<String, String> parameters) {}
