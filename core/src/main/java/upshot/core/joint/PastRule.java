package upshot.core.joint;

import java.util.Optional;
import upshot.core.finding.Finding;

/** A rule that looks at the two uses that meet and at pictures before them. */
public non-sealed interface PastRule extends JointRule {

    /** What it says about a joint; empty where it does not apply. */
    Optional<Finding> judge(Meeting meeting, Past past);
}
