package upshot.core.whole;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.ground.Stand;
import upshot.core.size.CameraHeight;

/** One height in more than 60 % of the uses; all at eye height is the beginner's mark. */
final class OneHeight implements WholeRule {

    private static final double MOST = 0.6;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "one-height";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "More than one height",
                "Not nearly all uses are at one height.",
                "All at eye height is the mark of a beginner.",
                RuleCard.Source.TRADE,
                Bound.of("at one height at most", 100 * MOST, "%"));
    }

    @Override
    public Optional<Finding> judge(PaperCut cut) {
        Map<CameraHeight, Integer> counts = new TreeMap<>();
        for (Placed placed : cut.uses()) {
            counts.merge(Stand.of(cut.plan(), placed.shot()).height(placed.shot()), 1, Integer::sum);
        }
        return counts.entrySet().stream()
                .filter(one -> cut.uses().size() > 1
                        && one.getValue() > MOST * cut.uses().size() + ROUNDING)
                .findFirst()
                .map(one -> {
                    double share = 100.0 * one.getValue() / cut.uses().size();
                    return Seconds.watch(
                            this,
                            List.of(),
                            "One height.",
                            new Measured(share, 100 * MOST, Quantity.PERCENT),
                            "%d of %d uses are at %s height: low and high ones say more."
                                    .formatted(
                                            one.getValue(),
                                            cut.uses().size(),
                                            one.getKey().label()),
                            List.of());
                });
    }
}
