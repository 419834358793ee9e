package upshot.core.joint;

import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;

/** A rule about one joint. Rules hold no state and look at nothing but the cut. */
public interface JointRule {

    /** Stable, in lower case with hyphens. */
    String id();

    /**
     * Whether it looks at more than the two uses that meet: at the day, or at what came before them. Of that it sees the
     * pictures, and how long and from where they run only for the shot that it leads into.
     */
    default boolean looksBeyond() {
        return false;
    }

    /**
     * What the rule says about a joint; empty where it does not apply.
     *
     * @param joint from 0, leading into use {@code joint + 1}
     */
    Optional<Finding> judge(PaperCut cut, int joint);
}
