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
import upshot.core.plan.StoryBeat;

/**
 * A beat of the story is more than a second, and more than 15 %, longer or shorter than was asked for. Nothing was
 * measured for this bound: below it nobody notices.
 */
final class BeatLength implements OncePerCut {

    private static final double BESIDE_S = 1;
    private static final double BESIDE_SHARE = 0.15;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "beat-length";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A beat's length",
                "A beat is about as long as was asked for.",
                "Its share of the film was decided before.",
                RuleCard.Source.PLAN,
                Bound.of("beside it at most", BESIDE_S, "s"),
                Bound.of("or", 100 * BESIDE_SHARE, "%"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        return cut.plan().beats().stream()
                .filter(beat -> beat.targetS().isPresent())
                .filter(beat -> Math.abs(seconds(cut, beat) - beat.targetS().get())
                        > Math.max(BESIDE_S, BESIDE_SHARE * beat.targetS().get()) + ROUNDING)
                .findFirst()
                .map(beat -> finding(cut, beat));
    }

    private static List<Placed> uses(PaperCut cut, StoryBeat beat) {
        return cut.uses().stream()
                .filter(placed -> placed.action().beatId().equals(beat.id()))
                .toList();
    }

    private static double seconds(PaperCut cut, StoryBeat beat) {
        return uses(cut, beat).stream()
                .mapToDouble(placed -> Seconds.of(cut, placed))
                .sum();
    }

    private Finding finding(PaperCut cut, StoryBeat beat) {
        double has = seconds(cut, beat);
        double wanted = beat.targetS().orElseThrow();
        return Seconds.watch(
                this,
                uses(cut, beat),
                has > wanted ? "A beat runs long." : "A beat is short.",
                new Measured(has, wanted, Quantity.SECONDS),
                "%s has %s s in the cut, %s s were meant for it."
                        .formatted(beat.name(), Wording.number(has, 1), Wording.number(wanted, 1)),
                List.of());
    }
}
