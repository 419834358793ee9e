package upshot.app.paper;

import java.util.UUID;
import upshot.core.verdict.Verdict;

/** Something that can be put on paper. Stages have their own; each is a component. */
public interface PaperKind {

    /** Its name in addresses. */
    String slug();

    /** What it is called on pages, for instance "coverage". */
    String called();

    /** Lays it out; called beside the request that asked for it. */
    Sheet sheet(UUID jobId, Verdict verdict);
}
