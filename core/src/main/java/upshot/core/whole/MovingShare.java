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
import upshot.core.plan.MoveReason;

/** More or fewer moving shots than the school wants, or moves without a reason. */
final class MovingShare implements OncePerCut {

    private static final double KEEP_MOVING_FROM = 0.6;
    private static final double ANCHORED_TO = 0.4;
    private static final int STILL_IN = 4;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "moving-share";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Moving and still",
                "As many uses move as the school wants.",
                "How much a camera may move is a school.",
                RuleCard.Source.SCHOOL,
                Bound.of("keep moving, at least", 100 * KEEP_MOVING_FROM, "%"),
                Bound.of("anchored, at most", 100 * ANCHORED_TO, "%"),
                Bound.of("anchored, one still in", STILL_IN, "uses"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        double share = Seconds.share(cut, MovingShare::moves);
        return switch (cut.plan().house().movement()) {
            case KEEP_MOVING ->
                share >= KEEP_MOVING_FROM - ROUNDING
                        ? Optional.empty()
                        : watch(List.of(), share, KEEP_MOVING_FROM, "It rests too much.", "at least 60 % should");
            case ANCHORED -> anchored(cut, share);
            case MOTIVATED -> motivated(cut);
        };
    }

    private static boolean moves(Placed placed) {
        return placed.shot().move().moving() && !placed.use().still();
    }

    private Optional<Finding> anchored(PaperCut cut, double share) {
        if (share > ANCHORED_TO + ROUNDING) {
            return watch(List.of(), share, ANCHORED_TO, "It moves too much.", "at most 40 % should");
        }
        for (int i = 0; i + STILL_IN <= cut.uses().size(); i++) {
            List<Placed> four = cut.uses().subList(i, i + STILL_IN);
            if (four.stream().allMatch(MovingShare::moves)) {
                return Optional.of(Seconds.watch(
                        this,
                        four,
                        "No rest in four.",
                        new Measured(0, 1, Quantity.YES_NO),
                        "From %s on four uses move in a row; one in any four should be still."
                                .formatted(four.get(0).shot().code()),
                        List.of()));
            }
        }
        return Optional.empty();
    }

    private Optional<Finding> motivated(PaperCut cut) {
        List<Placed> idle = cut.uses().stream()
                .filter(placed -> moves(placed) && placed.shot().reason() == MoveReason.NONE)
                .toList();
        if (idle.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Seconds.watch(
                this,
                idle,
                "Moves without a reason.",
                new Measured(idle.size(), 0, Quantity.COUNT),
                "%s: a move follows, reveals or hands over, or it is left out."
                        .formatted(String.join(
                                ", ",
                                idle.stream()
                                        .map(placed -> placed.shot().code())
                                        .distinct()
                                        .toList())),
                List.of()));
    }

    private Optional<Finding> watch(List<Placed> about, double share, double limit, String title, String wanted) {
        return Optional.of(Seconds.watch(
                this,
                about,
                title,
                new Measured(100 * share, 100 * limit, Quantity.PERCENT),
                "In %s %% of the seconds the camera moves; %s.".formatted(Wording.number(100 * share, 0), wanted),
                List.of()));
    }
}
