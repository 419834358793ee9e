package upshot.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.Picture;
import upshot.core.plan.Shot;

/**
 * The pictures before the use behind a joint. It notes how far it was looked at: while that stands, so does what was said,
 * whatever comes before it.
 */
public final class Past {

    private final PaperCut cut;
    private final int joint;
    private int asked;

    Past(PaperCut cut, int joint) {
        this.cut = cut;
        this.joint = joint;
    }

    /**
     * A picture before the joint; empty before the first of the cut.
     *
     * @param back 0 for the one that is cut away from, 1 for the one before it
     */
    public Optional<Picture> at(int back) {
        asked = Math.max(asked, back + 1);
        return picture(cut, joint, back);
    }

    private static Optional<Picture> picture(PaperCut cut, int joint, int back) {
        return back <= joint ? Optional.of(cut.uses().get(joint - back).picture()) : Optional.empty();
    }

    /**
     * All pictures of a shot of the meeting before the joint, the nearest first. Of these no note is taken: all uses of a
     * shot are seen with it.
     */
    public List<Picture> showing(Shot shot) {
        List<Picture> all = new ArrayList<>();
        for (int index = joint; index >= 0; index--) {
            Picture picture = cut.uses().get(index).picture();
            if (picture.shot().id().equals(shot.id())) {
                all.add(picture);
            }
        }
        return all;
    }

    /** What was looked at up to now. */
    Seen seen() {
        List<Optional<Picture>> nearest = new ArrayList<>(asked);
        for (int back = 0; back < asked; back++) {
            nearest.add(picture(cut, joint, back));
        }
        return new Seen(nearest);
    }

    /**
     * What was looked at of a past.
     *
     * @param nearest backwards from the joint; empty ones lie before the first of the cut
     */
    record Seen(List<Optional<Picture>> nearest) {

        /** Whether the same would be seen from a joint. */
        boolean isFrom(PaperCut cut, int joint) {
            for (int back = 0; back < nearest.size(); back++) {
                if (!picture(cut, joint, back).equals(nearest.get(back))) {
                    return false;
                }
            }
            return true;
        }
    }
}
