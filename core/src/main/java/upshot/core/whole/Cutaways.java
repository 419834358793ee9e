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

/** More than eight seconds pass without a cutaway. */
final class Cutaways implements WholeRule {

    private static final double EVERY_S = 8;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "cutaways";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Something to breathe",
                "A cutaway comes every few seconds.",
                "It lets the editor shorten and join.",
                RuleCard.Source.TRADE,
                Bound.of("every", EVERY_S, "s"));
    }

    @Override
    public Optional<Finding> judge(PaperCut cut) {
        long since = 0;
        double longest = 0;
        long longestFrom = 0;
        for (Placed placed : cut.uses()) {
            if (placed.action().feature()) {
                since = placed.endFrame();
            } else if (Seconds.of(cut, placed.endFrame() - since) > longest) {
                longest = Seconds.of(cut, placed.endFrame() - since);
                longestFrom = since;
            }
        }
        if (longest <= EVERY_S + ROUNDING) {
            return Optional.empty();
        }
        long from = longestFrom;
        return Optional.of(Seconds.watch(
                this,
                cut.uses().stream()
                        .filter(placed -> placed.startFrame() == from)
                        .toList(),
                "Nothing to breathe.",
                new Measured(longest, EVERY_S, Quantity.SECONDS),
                "From %s s on there is no cutaway for %s s; one in eight lets the editor shorten and join."
                        .formatted(Wording.number(Seconds.of(cut, from), 1), Wording.number(longest, 1)),
                List.of()));
    }
}
