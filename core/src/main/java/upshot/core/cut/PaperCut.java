package upshot.core.cut;

import java.util.ArrayList;
import java.util.List;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/**
 * The uses of a plan in edit order with the frame each begins on. Joint {@code i} leads from placed use {@code i} into
 * placed use {@code i + 1}.
 *
 * @param plan the plan it was taken from
 * @param uses in edit order
 * @param frames the length of all of them
 */
public record PaperCut(Plan plan, List<Placed> uses, long frames) {

    /**
     * A use in its place.
     *
     * @param index 0 for the first
     * @param startFrame counted from 0
     */
    public record Placed(int index, Picture picture, long startFrame) {

        public Use use() {
            return picture.use();
        }

        public Shot shot() {
            return picture.shot();
        }

        public Action action() {
            return picture.action();
        }

        public long endFrame() {
            return startFrame + use().frames();
        }
    }

    public PaperCut {
        uses = List.copyOf(uses);
    }

    public static PaperCut of(Plan plan) {
        List<Placed> placed = new ArrayList<>();
        long frame = 0;
        for (Use use : plan.uses()) {
            placed.add(new Placed(placed.size(), new Picture(use, plan.shownBy(use)), frame));
            frame += use.frames();
        }
        return new PaperCut(plan, placed, frame);
    }

    /** How many joints there are; the first leads from use 0 into use 1. */
    public int joints() {
        return Math.max(0, uses.size() - 1);
    }

    public Placed outOf(int joint) {
        return uses.get(joint);
    }

    public Placed into(int joint) {
        return uses.get(joint + 1);
    }

    /** Frames still missing to the promo's length, negative when the cut is too long. */
    public long missingFrames() {
        return plan.brief().lengthFrames() - frames;
    }
}
