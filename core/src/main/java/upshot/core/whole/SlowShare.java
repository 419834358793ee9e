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
import upshot.core.house.SpeedSchool;

/** More than a fifth of the seconds in slow motion where it should stay an event. */
final class SlowShare implements OncePerCut {

    private static final double MOST = 0.2;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "slow-share";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Slow for long",
                "Slow motion takes little of the film where it should stay an event.",
                "What goes on is no event.",
                RuleCard.Source.SCHOOL,
                Bound.of("slow at most", 100 * MOST, "%"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        double share = Seconds.share(cut, placed -> slow(cut, placed));
        if (cut.plan().house().speed() != SpeedSchool.SPARE || share <= MOST + ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(Seconds.watch(
                this,
                cut.uses().stream().filter(placed -> slow(cut, placed)).toList(),
                "Slow for long.",
                new Measured(100 * share, 100 * MOST, Quantity.PERCENT),
                "%s %% of the seconds are slow; a fifth keeps slow motion an event."
                        .formatted(Wording.number(100 * share, 0)),
                List.of()));
    }

    private static boolean slow(PaperCut cut, Placed placed) {
        return placed.picture().playback().slow();
    }
}
