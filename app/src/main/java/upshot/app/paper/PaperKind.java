package upshot.app.paper;

import java.util.UUID;
import java.util.function.BiFunction;
import upshot.core.verdict.Verdict;

/**
 * Something that can be put on paper; stages have theirs as beans.
 *
 * @param slug its name in addresses; with blanks for the hyphens it is what pages call it
 * @param sheet lays a job out for paper, beside the request that asked for it
 */
public record PaperKind(String slug, BiFunction<UUID, Verdict, Sheet> sheet) {

    /** For instance "call sheet". */
    String called() {
        return slug.replace('-', ' ');
    }
}
