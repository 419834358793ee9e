package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.RuleCard;
import upshot.core.plan.Change;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;

/** The last picture neither settles nor pulls out nor lets the subject leave, or does not mirror the first where asked. */
final class Closing implements WholeRule {

    @Override
    public String id() {
        return "closing";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A closing image",
                "The last picture settles, pulls out or lets the subject leave; it mirrors the first where that is asked.",
                "An ending is felt as one when it comes to rest.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(PaperCut cut) {
        Placed last = cut.uses().get(cut.uses().size() - 1);
        Shot shot = last.shot();
        boolean settles = shot.move() == Move.STILL || shot.move() == Move.PULL || shot.frameUse() == FrameUse.LEAVES;
        if (!settles) {
            return Optional.of(Seconds.watch(
                    this,
                    List.of(last),
                    "It does not come to rest.",
                    Measured.missing(),
                    "%s ends in a %s: a closing image settles, pulls out or lets the subject leave."
                            .formatted(shot.code(), shot.move().label()),
                    Mends.later(() -> List.of(
                            new Mend("Pull out", Change.edit(shot, one -> one.withMove(Move.PULL))),
                            new Mend("Hold it still", Change.edit(shot, one -> one.withMove(Move.STILL)))))));
        }
        Shot first = cut.uses().get(0).shot();
        boolean mirrors = first.size() == shot.size() && first.placement() == shot.placement();
        if (!cut.plan().house().mirrorEnding() || mirrors) {
            return Optional.empty();
        }
        return Optional.of(Seconds.watch(
                this,
                List.of(cut.uses().get(0), last),
                "It does not mirror the opening.",
                Measured.missing(),
                "The opening is a %s in the %s, the ending a %s in the %s."
                        .formatted(
                                first.size().label(),
                                first.placement().label(),
                                shot.size().label(),
                                shot.placement().label()),
                List.of()));
    }
}
