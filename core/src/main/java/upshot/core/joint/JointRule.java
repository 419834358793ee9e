package upshot.core.joint;

import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Rule;

/** A rule about one joint. Rules hold no state and look at nothing but the cut. */
public interface JointRule extends Rule {

    /** How far a rule looks, so that a joint is judged again only where something in sight has changed. */
    enum Sees {
        /** The two uses that meet. */
        MEETING,
        /** Those, and all uses of the shots that they show. */
        SHOTS,
        /** The two that meet, and the pictures before them, not how long or from where they run. */
        PAST,
        /** The two that meet, and the order of the day. */
        DAY
    }

    default Sees sees() {
        return Sees.MEETING;
    }

    /**
     * The earliest use that it looks at where it sees the past; −1 where it has looked at all and would have looked
     * further. What lies before that use may change, and it says the same.
     */
    default int looksBackTo(PaperCut cut, int joint) {
        return joint;
    }

    /**
     * What the rule says about a joint; empty where it does not apply.
     *
     * @param joint from 0, leading into use {@code joint + 1}
     */
    Optional<Finding> judge(PaperCut cut, int joint);
}
