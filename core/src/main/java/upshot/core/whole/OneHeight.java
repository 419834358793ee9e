package upshot.core.whole;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.ground.Stand;
import upshot.core.house.CoverageSchool;
import upshot.core.size.CameraHeight;

/** One height in more than 60 % of the uses; all at eye height is the beginner's mark. */
final class OneHeight implements OncePerCut {

    private static final double MOST = 0.6;
    private static final int FROM_USES = 5;
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
                "All at eye height is the mark of a beginner; speech on camera is not counted.",
                RuleCard.Source.TRADE,
                Bound.of("at one height at most", 100 * MOST, "%"),
                Bound.of("asked from", FROM_USES, "uses"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        Map<CameraHeight, Integer> counts = new TreeMap<>();
        cut.uses().stream()
                .filter(placed -> !placed.action().speech())
                .forEach(placed -> counts.merge(
                        Stand.of(placed.picture().around(), placed.shot())
                                .height(placed.shot())
                                .counted(),
                        1,
                        Integer::sum));
        int all = counts.values().stream().mapToInt(Integer::intValue).sum();
        if (all < FROM_USES || cut.plan().house().coverage() == CoverageSchool.PRODUCT) {
            return Optional.empty();
        }
        return counts.entrySet().stream()
                .filter(one -> one.getValue() > MOST * all + ROUNDING)
                .findFirst()
                .map(one -> Seconds.watch(
                        this,
                        List.of(),
                        "One height.",
                        new Measured(100.0 * one.getValue() / all, 100 * MOST, Quantity.PERCENT),
                        "%d of %d uses are %s: low and high ones say more."
                                .formatted(one.getValue(), all, said(one.getKey())),
                        List.of()));
    }

    private static String said(CameraHeight height) {
        return height == CameraHeight.EYE ? "at eye height or level" : height.label();
    }
}
