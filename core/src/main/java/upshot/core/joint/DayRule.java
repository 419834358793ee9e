package upshot.core.joint;

import java.util.Optional;
import upshot.core.finding.Finding;

/** A rule that looks at the two uses that meet and at when their shots are made. */
public non-sealed interface DayRule extends JointRule {

    /** Whether there is anything to ask about the two. */
    boolean asks(Meeting meeting);

    /**
     * What it says about a joint of which it asks; empty where it has nothing to say.
     *
     * @param outMin when the shot that is cut away from rolls, minutes after the brief's call
     * @param intoMin when the other does
     */
    Optional<Finding> judge(Meeting meeting, int outMin, int intoMin);
}
