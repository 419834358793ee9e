package upshot.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.time.Playback;

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
    public record Placed(int index, Use use, Shot shot, Action action, long startFrame) {

        public long endFrame() {
            return startFrame + use.frames();
        }
    }

    public PaperCut {
        uses = List.copyOf(uses);
    }

    public static PaperCut of(Plan plan) {
        List<Placed> placed = new ArrayList<>();
        long frame = 0;
        for (Use use : plan.uses()) {
            Shot shot = plan.shotOf(use);
            placed.add(new Placed(placed.size(), use, shot, plan.actionOf(shot), frame));
            frame += use.frames();
        }
        return new PaperCut(plan, placed, frame);
    }

    /** How a use turns recorded time into screen time. */
    public Playback playback(Placed placed) {
        return Playback.of(
                placed.use().frameStep(), plan.brief().rate(), placed.shot().captureRate());
    }

    /** The seconds of the world that a use shows. */
    public double realS(Placed placed) {
        return playback(placed).realS(plan.brief().rate().secondsOf(placed.use().frames()));
    }

    /**
     * Whether the use behind a joint goes on where the one before it ends, at the same speed: nobody sees a cut there, until
     * something is put between.
     */
    public boolean goesOn(int joint) {
        Placed out = outOf(joint);
        Placed into = into(joint);
        boolean same = out.shot().equals(into.shot())
                && out.use().frameStep() == into.use().frameStep()
                && into.use().entry() == Entry.STRAIGHT;
        Optional<Double> from = into.use().inS();
        Optional<Double> until = out.use().inS().map(in -> in + realS(out));
        double halfFrameS = 0.5 / plan.brief().rate().perSecond();
        return same && from.isPresent() && until.isPresent() && Math.abs(from.get() - until.get()) < halfFrameS;
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
