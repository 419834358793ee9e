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
import upshot.core.size.SizeClass;

/** Nobody knows where this is: no wide within four seconds, or within 15 % of a longer cut. */
final class Established implements WholeRule {

    private static final double WITHIN_S = 4;
    private static final double WITHIN_SHARE = 0.15;

    @Override
    public String id() {
        return "no-establishing";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Where this is",
                "A wide comes early.",
                "Until then nobody knows where this is.",
                RuleCard.Source.TRADE,
                Bound.of("by", WITHIN_S, "s"),
                Bound.of("or by", 100 * WITHIN_SHARE, "% of the cut"));
    }

    @Override
    public Optional<Finding> judge(PaperCut cut) {
        double latest = Math.max(WITHIN_S, WITHIN_SHARE * Seconds.of(cut, cut.frames()));
        Optional<Placed> wide = cut.uses().stream()
                .filter(placed -> placed.shot().size().sizeClass() == SizeClass.WIDE)
                .findFirst();
        double first = wide.map(placed -> Seconds.of(cut, placed.startFrame())).orElse(Double.POSITIVE_INFINITY);
        if (first <= latest) {
            return Optional.empty();
        }
        return Optional.of(Seconds.watch(
                this,
                wide.stream().toList(),
                "Where is this?",
                new Measured(wide.isPresent() ? first : Seconds.of(cut, cut.frames()), latest, Quantity.SECONDS),
                wide.isPresent()
                        ? "The first wide comes after %s s; by %s s a viewer wants to know where this is."
                                .formatted(Wording.number(first, 1), Wording.number(latest, 1))
                        : "There is no wide in the cut: nobody will know where this is.",
                List.of()));
    }
}
