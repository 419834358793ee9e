package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** Takes are planned of what happens once and cannot be staged again. */
final class SecondTake implements ShotRule {

    @Override
    public String id() {
        return "second-take";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "One take of what happens once",
                "What happens once has one take.",
                "A second one will not come, and the plan counts on it.",
                RuleCard.Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        if (!action.once() || action.stagedAgain() || shot.takes() == 1) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "It happens once.",
                new Measured(shot.takes(), 1, Quantity.COUNT),
                "%d takes are planned of what happens once.".formatted(shot.takes()),
                List.of(
                        new Mend("One take", Change.edit(shot, one -> one.withTakes(1))),
                        new Mend("It can be staged again", Change.edit(action, one -> one.withStagedAgain(true))))));
    }
}
