package upshot.core.joint;

import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;

/** A rule that compares the use behind a joint with the last one before it that can be compared. */
interface LooksBack extends PastRule {

    /** Whether there is anything to ask about the use behind the joint. */
    boolean asks(Picture into);

    /**
     * Whether nothing before a picture matters any more.
     *
     * @param next the picture that follows it
     */
    boolean settles(Picture earlier, Picture next, Picture into);

    /**
     * What follows from the last picture that settles it.
     *
     * @param between how many pictures lie between the two
     */
    Optional<Finding> compare(Picture earlier, Picture next, Picture into, int between);

    @Override
    default Optional<Finding> judge(Meeting meeting, Past past) {
        Picture into = meeting.into();
        if (!asks(into)) {
            return Optional.empty();
        }
        Picture next = into;
        int back = 0;
        for (Optional<Picture> earlier = past.at(0); earlier.isPresent(); earlier = past.at(++back)) {
            if (settles(earlier.get(), next, into)) {
                return compare(earlier.get(), next, into, back);
            }
            next = earlier.get();
        }
        return Optional.empty();
    }
}
