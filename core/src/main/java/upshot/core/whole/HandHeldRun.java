package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Wording;
import upshot.core.house.Threshold;
import upshot.core.plan.Support;

/** Hand-held for longer than the house bears, usually six seconds on end. */
final class HandHeldRun implements OncePerCut {

    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "hand-held-run";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Hand-held on end",
                "The hand rests now and then.",
                "A braced picture between lets the eye rest.",
                RuleCard.Source.TRADE,
                Bound.of(Threshold.HAND_HELD_RUN));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        List<Placed> longest = List.of();
        long longestFrames = 0;
        int from = 0;
        long frames = 0;
        for (Placed placed : cut.uses()) {
            int behind = placed.index() + 1;
            if (placed.shot().support() != Support.HAND_HELD) {
                from = behind;
                frames = 0;
                continue;
            }
            frames += placed.use().frames();
            if (frames > longestFrames) {
                longestFrames = frames;
                longest = cut.uses().subList(from, behind);
            }
        }
        double seconds = Seconds.of(cut, longestFrames);
        double most = cut.plan().threshold(Threshold.HAND_HELD_RUN);
        return seconds <= most + ROUNDING
                ? Optional.empty()
                : Optional.of(Seconds.watch(
                        this,
                        longest,
                        "Hand-held for long.",
                        new Measured(seconds, most, Quantity.SECONDS),
                        "From %s on it is hand-held for %s s: a braced picture between them lets the eye rest."
                                .formatted(longest.get(0).shot().code(), Wording.number(seconds, 1)),
                        List.of()));
    }
}
