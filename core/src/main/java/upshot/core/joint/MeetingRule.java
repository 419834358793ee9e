package upshot.core.joint;

import java.util.Optional;
import upshot.core.finding.Finding;

/** A rule that looks at the two uses that meet. */
public non-sealed interface MeetingRule extends JointRule {

    /** What it says about a joint; empty where it does not apply. */
    Optional<Finding> judge(Meeting meeting);
}
