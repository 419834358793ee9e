package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.cut.SeenWay;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Move;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;

/** The last picture is not of the ending, or does not let go. */
final class Ending implements OncePerCut {

    private static final double RESTS_S = 2;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "closing";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A closing image",
                "The last picture is of the ending or a feature and lets go: it pulls out, lifts, lets the subject leave, or"
                        + " rests on a feature, or on as much as the opening showed; of a product, on the thing whole.",
                "An ending is felt as one when it lets go.",
                RuleCard.Source.TRADE,
                Bound.of("rests for", RESTS_S, "s"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        Placed last = cut.uses().get(cut.uses().size() - 1);
        if (!ends(cut, last)) {
            return Optional.of(watch(
                    cut,
                    last,
                    "It ends in the middle.",
                    "%s belongs to %s: a film ends on its ending or on a feature."
                            .formatted(last.shot().code(), beat(cut, last).name()),
                    false));
        }
        return letsGo(cut, last)
                ? Optional.empty()
                : Optional.of(watch(
                        cut,
                        last,
                        "It does not let go.",
                        "%s neither pulls out nor lifts, lets nobody leave, and does not rest on as much as the opening showed."
                                .formatted(last.shot().code()),
                        true));
    }

    private static StoryBeat beat(PaperCut cut, Placed placed) {
        return cut.plan().get(RecordKind.BEAT, placed.action().beatId());
    }

    /** The beat that is marked so, else the last action's. */
    private static boolean ends(PaperCut cut, Placed last) {
        boolean marked = cut.plan().beats().stream().anyMatch(beat -> beat.role() == StoryBeat.Role.ENDING);
        List<Action> all = cut.plan().actions();
        return last.action().feature()
                || (marked
                        ? beat(cut, last).role() == StoryBeat.Role.ENDING
                        : all.get(all.size() - 1).id().equals(last.action().id()));
    }

    private static boolean letsGo(PaperCut cut, Placed last) {
        SeenWay way = SeenWay.of(last.picture());
        boolean leaves = last.shot().frameUse().goes();
        boolean lifts = last.shot().move() == Move.LIFT && way.up() > 0;
        return way.towards() < 0 || lifts || leaves || rests(cut, last) || answers(cut);
    }

    /** It comes back to an opening that showed the place. */
    private static boolean answers(PaperCut cut) {
        return Mirror.mirrors(cut) && new Opening().judge(cut).isEmpty();
    }

    private static boolean rests(PaperCut cut, Placed last) {
        boolean still = !last.shot().move().moving()
                && !last.shot().alsoMove().moving()
                && !last.action().travels();
        if (!still || Seconds.of(cut, last) < RESTS_S - ROUNDING) {
            return false;
        }
        if (cut.plan().house().coverage() == CoverageSchool.PRODUCT) {
            return last.shot().size().fullOrWider();
        }
        Shot first = cut.uses().get(0).shot();
        return last.action().feature()
                || last.shot().size().fullOrWider() && last.shot().size().compareTo(first.size()) <= 0;
    }

    private Finding watch(PaperCut cut, Placed last, String title, String why, boolean canLetGo) {
        Shot shot = last.shot();
        return Seconds.watch(
                this,
                List.of(last),
                title,
                Measured.missing(),
                why,
                canLetGo
                        ? Mends.later(() -> List.of(
                                new Mend("Pull out", Change.edit(shot, one -> one.withMove(Move.PULL))),
                                new Mend(
                                        "Let the subject leave",
                                        Change.edit(shot, one -> one.withFrameUse(FrameUse.LEAVES)))))
                        : List.of());
    }
}
