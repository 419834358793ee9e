package upshot.core.whole;

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
import upshot.core.finding.Wording;
import upshot.core.plan.Change;

/** The first or the last use is shorter than two seconds. */
final class ShortEnds implements OncePerCut {

    private static final double LEAST_S = 2;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "short-ends";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Ends that last",
                "The first and the last use last two seconds.",
                "One has to arrive, and to leave.",
                RuleCard.Source.TRADE,
                Bound.of("at least", LEAST_S, "s"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        List<Placed> ends = cut.uses().size() == 1
                ? cut.uses()
                : List.of(cut.uses().get(0), cut.uses().get(cut.uses().size() - 1));
        List<Placed> brief = ends.stream()
                .filter(placed -> Seconds.of(cut, placed) < LEAST_S - ROUNDING)
                .toList();
        if (brief.isEmpty()) {
            return Optional.empty();
        }
        int frames = (int) Math.ceil(LEAST_S * cut.plan().brief().rate().perSecond() - ROUNDING);
        return Optional.of(Seconds.watch(
                this,
                brief,
                brief.size() == 2
                        ? "It begins and ends in haste."
                        : "It %s in haste.".formatted(brief.get(0).index() == 0 ? "begins" : "ends"),
                new Measured(Seconds.of(cut, brief.get(0)), LEAST_S, Quantity.SECONDS),
                "%s is on screen for %s s; two are wanted."
                        .formatted(brief.get(0).shot().code(), Wording.number(Seconds.of(cut, brief.get(0)), 2)),
                Mends.later(() -> brief.stream()
                        .map(placed -> new Mend(
                                "Give %s %d frames".formatted(placed.shot().code(), frames),
                                Change.edit(placed.use(), one -> one.withFrames(frames))))
                        .toList())));
    }
}
