package upshot.app.job;

import java.util.List;
import java.util.Map;
import upshot.app.account.SignedIn;
import upshot.core.verdict.Verdict;

/** One stage of the lane, or a closer look into one. Its pieces are fragments of its template. */
public interface Stage {

    /** The digit on the lane and on the keyboard; stages keep theirs whether or not the others exist. */
    int digit();

    /** The word in addresses, folders and styles. */
    String slug();

    /** The word of the stage that this one is a closer look into; a stage of the lane is its own. */
    default String within() {
        return slug();
    }

    default boolean onLane() {
        return within().equals(slug());
    }

    /** {@code <slug>/page} of a stage of the lane, {@code <within>/<slug>} of a closer look. */
    default String template() {
        return within() + "/" + (onLane() ? "page" : slug());
    }

    /** The word on the lane. */
    String title();

    /** The fragments that an edit can change; each has its own name as the id of its root. */
    List<String> pieces();

    /** The fragments that follow a control while it moves; the others wait until it is saved. */
    default List<String> livePieces() {
        return pieces();
    }

    /** What the page shows, already formatted. */
    Map<String, Object> model(Verdict verdict, StageRequest request);

    /**
     * What its page shows that belongs to neither the job nor the plan, for somebody; as long as it is the same, and they
     * are, so is the page.
     */
    default String beside(SignedIn who) {
        return "";
    }

    /** How often its open page asks what is new, in milliseconds; 0 for as usual. */
    default int newsEveryMs() {
        return 0;
    }

    /** Whether the stage has a script of its own, {@code js/<within>/<slug>.js}. */
    default boolean hasScript() {
        return false;
    }
}
