package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** A horizon that is off by more than one degree and nobody says that it is meant. */
final class Level implements ShotRule {

    private static final double WITHIN_DEG = 1;

    @Override
    public String id() {
        return "level";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Level",
                "The horizon is level, or it is meant that it is not.",
                "A degree is seen as a slip, thirty as a decision.",
                RuleCard.Source.TRADE,
                Bound.of("off at most", WITHIN_DEG, "°"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        double off = Math.abs(shot.rollDeg());
        if (off <= WITHIN_DEG || shot.rollMeant()) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "Not level.",
                new Measured(off, WITHIN_DEG, Quantity.DEGREES),
                "The horizon falls off by %s°; past %s° it looks like a slip."
                        .formatted(Wording.number(off, 1), Wording.number(WITHIN_DEG, 0)),
                List.of(
                        new Mend("Level it", Change.edit(shot, one -> one.withRollDeg(0.0))),
                        new Mend("It is meant", Change.edit(shot, one -> one.withRollMeant(true))))));
    }
}
