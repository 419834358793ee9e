package upshot.core.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.plan.Change;
import upshot.core.time.BeatGrid;
import upshot.core.time.TempoMap;

/** Less than half of the joints lie within a frame of a beat. */
final class OnTheBeat implements OncePerCut {

    private static final double LEAST_SHARE = 0.5;

    @Override
    public String id() {
        return "off-beat";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "On the music",
                "Half of the joints fall on a beat.",
                "Beside it music and picture fight.",
                RuleCard.Source.TRADE,
                Bound.of("on a beat at least", 100 * LEAST_SHARE, "%"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        if (TempoMap.of(cut.plan()).isEmpty() || cut.joints() == 0) {
            return Optional.empty();
        }
        BeatGrid beats = BeatGrid.of(cut.plan(), BeatGrid.Step.BEAT, cut.frames());
        long on = cut.uses().stream()
                .skip(1)
                .filter(placed -> Math.abs(beats.nearest(placed.startFrame()) - placed.startFrame()) <= 1)
                .count();
        double share = (double) on / cut.joints();
        return share >= LEAST_SHARE
                ? Optional.empty()
                : Optional.of(Seconds.watch(
                        this,
                        List.of(),
                        "Beside the music.",
                        new Measured(100 * share, 100 * LEAST_SHARE, Quantity.PERCENT),
                        "%d of %d joints fall on a beat.".formatted(on, cut.joints()),
                        Mends.later(() -> snap(cut, beats))));
    }

    /** Every joint on its nearest beat; none where a use would vanish. */
    private static List<Mend> snap(PaperCut cut, BeatGrid beats) {
        List<Change> changes = new ArrayList<>();
        long start = 0;
        for (Placed placed : cut.uses()) {
            boolean last = placed.index() == cut.uses().size() - 1;
            long end = last ? placed.endFrame() : beats.nearest(placed.endFrame());
            if (end <= start) {
                return List.of();
            }
            int frames = (int) (end - start);
            if (frames != placed.use().frames()) {
                changes.add(Change.edit(placed.use(), one -> one.withFrames(frames)));
            }
            start = end;
        }
        return List.of(new Mend("Snap all joints to the beat", Change.batch(changes)));
    }
}
