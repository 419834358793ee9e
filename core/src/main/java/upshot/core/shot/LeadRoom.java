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
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Placement;
import upshot.core.plan.Shot;

/** Somebody who moves or looks to one side has less than 55 % of the picture ahead. */
final class LeadRoom implements ShotRule {

    @Override
    public String id() {
        return "lead-room";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Room ahead",
                "Whoever moves or looks to one side has more than half of the picture ahead.",
                "Without it they seem to run into the frame.",
                RuleCard.Source.TRADE,
                Bound.of("of the picture ahead at least", 100 * LEAST_AHEAD, "%"));
    }

    private static final double LEAST_AHEAD = 0.55;

    /** Of two people who face each other the second looks against the line, which leads from the first. */
    private static boolean looksBack(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        return action.line() == Line.LOOK
                && plan.performersOf(action).stream()
                        .anyMatch(one ->
                                shot.subjectId().filter(one.subjectId()::equals).isPresent());
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        ScreenTravel travel =
                looksBack(plan, shot) ? Stand.travel(plan, shot, false).turnedRound() : Stand.travel(plan, shot, false);
        if (shot.placement() == Placement.CENTRE || travel == ScreenTravel.NEUTRAL) {
            return Optional.empty();
        }
        double across = shot.placement() == Placement.LEFT_THIRD ? 1.0 / 3 : 2.0 / 3;
        double ahead = travel == ScreenTravel.LEFT_TO_RIGHT ? 1 - across : across;
        if (ahead >= LEAST_AHEAD) {
            return Optional.empty();
        }
        Placement other = shot.placement() == Placement.LEFT_THIRD ? Placement.RIGHT_THIRD : Placement.LEFT_THIRD;
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "No room ahead.",
                new Measured(100 * ahead, 100 * LEAST_AHEAD, Quantity.PERCENT),
                "It goes %s and stands in the %s: %s %% of the picture lie ahead."
                        .formatted(travel.label(), shot.placement().label(), Wording.number(100 * ahead, 0)),
                List.of(new Mend(
                        "Place it in the %s".formatted(other.label()),
                        Change.edit(shot, one -> one.withPlacement(other))))));
    }
}
