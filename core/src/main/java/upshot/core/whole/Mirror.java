package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.cut.SeenWay;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Wording;
import upshot.core.plan.Shot;

/** The ending is asked to mirror the opening, and does not. */
final class Mirror implements OncePerCut {

    private static final double OPPOSITE = -0.5;

    @Override
    public String id() {
        return "mirror";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "The end answers the beginning",
                "Where it is asked, the ending reverses the opening's move and comes back to its size and placement.",
                "What begins with a push and ends with its pull is felt as one film.",
                RuleCard.Source.SCHOOL);
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        if (!cut.plan().house().mirrorEnding() || mirrors(cut)) {
            return Optional.empty();
        }
        Placed first = cut.uses().get(0);
        Placed last = last(cut);
        return Optional.of(Seconds.watch(
                this,
                List.of(first, last),
                "It does not mirror the opening.",
                Measured.missing(),
                "The opening is %s, the ending %s.".formatted(inWords(first), inWords(last)),
                List.of()));
    }

    /** Whether the last picture comes back to the first: its move turned round, or both at rest. */
    static boolean mirrors(PaperCut cut) {
        SeenWay one = SeenWay.of(cut.uses().get(0).picture());
        SeenWay other = SeenWay.of(last(cut).picture());
        Shot first = cut.uses().get(0).shot();
        Shot last = last(cut).shot();
        boolean turned = one.still() ? other.still() : one.dot(other) < OPPOSITE;
        return cut.uses().size() > 1 && turned && first.size() == last.size() && first.placement() == last.placement();
    }

    private static Placed last(PaperCut cut) {
        return cut.uses().get(cut.uses().size() - 1);
    }

    private static String inWords(Placed placed) {
        Shot shot = placed.shot();
        return "%s, %s, where %s"
                .formatted(
                        Wording.one(shot.size().label()),
                        shot.placement().label(),
                        SeenWay.of(placed.picture()).inWords());
    }
}
