package upshot.core.whole;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Wording;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.RecordKind;
import upshot.core.size.Size;

/**
 * Nobody knows where this is: within the first four seconds, or 15 % of a longer cut, stands no picture of the place, and
 * at a further spot that matters none of the first three pictures shows it.
 */
final class Opening implements WholeRule {

    private static final double WITHIN_S = 4;
    private static final double WITHIN_SHARE = 0.15;
    private static final double MATTERS_FROM = 0.2;
    private static final int AMONG_FIRST = 3;

    @Override
    public String id() {
        return "no-establishing";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Where this is",
                "A picture of the place comes early: a feature, an extreme wide, or a wide that is empty before its subject"
                        + " comes; of a product, the thing whole.",
                "Until then nobody knows where this is.",
                RuleCard.Source.TRADE,
                Bound.of("by", WITHIN_S, "s"),
                Bound.of("or by", 100 * WITHIN_SHARE, "% of the cut"),
                Bound.of("a further place matters from", 100 * MATTERS_FROM, "% of the cut"));
    }

    @Override
    public List<Finding> judge(PaperCut cut) {
        List<Finding> findings = new ArrayList<>();
        double latest = Math.max(WITHIN_S, WITHIN_SHARE * Seconds.of(cut, cut.frames()));
        Optional<Placed> first =
                cut.uses().stream().filter(placed -> ofThePlace(cut, placed)).findFirst();
        double at = first.map(placed -> Seconds.of(cut, placed.startFrame())).orElse(Seconds.of(cut, cut.frames()));
        if (at > latest || first.isEmpty()) {
            findings.add(Seconds.watch(
                    this,
                    first.stream().toList(),
                    "Where is this?",
                    new Measured(at, latest, Quantity.SECONDS),
                    first.isPresent()
                            ? "The first picture of the place comes after %s s; by %s s a viewer wants to know where this is."
                                    .formatted(Wording.number(at, 1), Wording.number(latest, 1))
                            : "There is no picture of the place in the cut: nobody will know where this is.",
                    List.of()));
        }
        UUID begins = cut.uses().get(0).action().spotId();
        bySpot(cut).forEach((spot, uses) -> {
            if (!spot.equals(begins) && matters(cut, uses) && neverShown(uses)) {
                findings.add(unseen(cut, spot, uses));
            }
        });
        return findings;
    }

    private static boolean ofThePlace(PaperCut cut, Placed placed) {
        Size size = placed.shot().size();
        if (cut.plan().house().coverage() == CoverageSchool.PRODUCT && size.fullOrWider()) {
            return true;
        }
        boolean comes = placed.shot().frameUse().comes();
        return placed.action().feature() || size == Size.EXTREME_WIDE || size == Size.WIDE && comes;
    }

    private static Map<UUID, List<Placed>> bySpot(PaperCut cut) {
        return cut.uses().stream()
                .collect(Collectors.groupingBy(
                        placed -> placed.action().spotId(), LinkedHashMap::new, Collectors.toList()));
    }

    private static boolean matters(PaperCut cut, List<Placed> uses) {
        return Seconds.share(cut, uses) >= MATTERS_FROM;
    }

    private static boolean neverShown(List<Placed> uses) {
        return uses.stream()
                .limit(AMONG_FIRST)
                .noneMatch(placed ->
                        placed.action().feature() || placed.shot().size().fullOrWider());
    }

    private Finding unseen(PaperCut cut, UUID spot, List<Placed> uses) {
        double share = 100 * Seconds.share(cut, uses);
        return Seconds.watch(
                this,
                uses.stream().limit(AMONG_FIRST).toList(),
                "And where is this?",
                new Measured(share, 100 * MATTERS_FROM, Quantity.PERCENT),
                "%s has %s %% of the cut, and none of its first pictures is a feature, a wide or a full."
                        .formatted(cut.plan().get(RecordKind.SPOT, spot).name(), Wording.number(share, 0)),
                List.of());
    }
}
