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
import upshot.core.house.TellingSchool;

/** All uses are about as long as one another, or more than four of one length follow each other. */
final class Pace implements OncePerCut {

    private static final int MOST_ALIKE = 4;
    private static final int MOST_ALIKE_IN_A_MONTAGE = 8;
    private static final double LONGEST_BY = 2;

    @Override
    public String id() {
        return "pace";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A pulse",
                "Uses differ in length.",
                "One length throughout has no pulse.",
                RuleCard.Source.TRADE,
                Bound.of("longest to shortest at least", LONGEST_BY, "×"),
                Bound.of("alike in a row at most", MOST_ALIKE, "uses"),
                Bound.of("in a montage", MOST_ALIKE_IN_A_MONTAGE, "uses"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        int shortest = cut.uses().stream()
                .mapToInt(placed -> placed.use().frames())
                .min()
                .orElseThrow();
        int longest = cut.uses().stream()
                .mapToInt(placed -> placed.use().frames())
                .max()
                .orElseThrow();
        if (cut.uses().size() > 1 && longest < LONGEST_BY * shortest) {
            return Optional.of(Seconds.watch(
                    this,
                    List.of(),
                    "One pace.",
                    new Measured((double) longest / shortest, LONGEST_BY, Quantity.TIMES),
                    "The longest use is %s times the shortest; twice and more gives it a pulse."
                            .formatted(Wording.number((double) longest / shortest, 2)),
                    List.of()));
        }
        int most = cut.plan().house().telling() == TellingSchool.MONTAGE ? MOST_ALIKE_IN_A_MONTAGE : MOST_ALIKE;
        for (int i = 0; i + most < cut.uses().size(); i++) {
            List<Placed> run = cut.uses().subList(i, i + most + 1);
            if (run.stream().map(placed -> placed.use().frames()).distinct().count() == 1) {
                return Optional.of(Seconds.watch(
                        this,
                        run,
                        "Many of one length.",
                        new Measured(most + 1, most, Quantity.COUNT),
                        "From %s on %d uses of %d frames follow one another."
                                .formatted(
                                        run.get(0).shot().code(),
                                        most + 1,
                                        run.get(0).use().frames()),
                        List.of()));
            }
        }
        return Optional.empty();
    }
}
