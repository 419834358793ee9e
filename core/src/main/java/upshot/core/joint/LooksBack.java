package upshot.core.joint;

import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;

/** A rule that compares the use behind a joint with the last one before it that can be compared. */
interface LooksBack extends JointRule {

    /** Whether there is anything to ask about the use behind the joint. */
    boolean asks(PaperCut cut, Placed into);

    /** Whether nothing before a use matters any more. */
    boolean settles(PaperCut cut, Placed earlier, Placed into);

    /** What follows from the last use that settles it. */
    Optional<Finding> compare(PaperCut cut, Placed earlier, Placed into);

    @Override
    default Sees sees() {
        return Sees.PAST;
    }

    @Override
    default int looksBackTo(PaperCut cut, int joint) {
        Placed into = cut.into(joint);
        int index = joint;
        if (asks(cut, into)) {
            while (index >= 0 && !settles(cut, cut.uses().get(index), into)) {
                index--;
            }
        }
        return index;
    }

    @Override
    default Optional<Finding> judge(PaperCut cut, int joint) {
        Placed into = cut.into(joint);
        if (!asks(cut, into)) {
            return Optional.empty();
        }
        int index = looksBackTo(cut, joint);
        return index < 0 ? Optional.empty() : compare(cut, cut.uses().get(index), into);
    }
}
