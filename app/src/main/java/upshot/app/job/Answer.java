package upshot.app.job;

import java.util.List;
import java.util.Map;

/**
 * What the page gets back.
 *
 * @param version of the plan that the pieces show
 * @param pieces to put in place by id
 * @param beside how far what is kept beside the plan had come
 * @param done what was done, to be said aloud; empty for nothing
 * @param parameters what is selected now
 */
public record Answer(
        long version, String beside, List<StagePages.Piece> pieces, String done, Map<String, String> parameters) {}
