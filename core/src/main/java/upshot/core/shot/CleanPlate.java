package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;

/** The frame once more with nothing in it lies under the first one only where nothing has moved. */
final class CleanPlate implements ShotRule {

    @Override
    public String id() {
        return "clean-plate";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A clean plate is locked off",
                "A shot that has a clean plate is still, on a support that stands.",
                "A plate that was moved by a finger's breadth does not lie under the picture.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        boolean stands = switch (shot.support()) {
            case TRIPOD, GROUND, OVERHEAD, SLIDER, TURNTABLE -> true;
            case HAND_HELD, SHOULDER, GIMBAL, MOUNT, DRONE -> false;
        };
        if (!shot.cleanPlate() || stands && shot.move() == Move.STILL) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "The clean plate will not fit.",
                Measured.unwanted(),
                stands
                        ? "A %s is in it; the frame with nothing in it is the same only where the camera is still."
                                .formatted(shot.move().label())
                        : "%s is never twice in one place; a clean plate wants the camera locked off."
                                .formatted(Wording.capital(shot.support().label())),
                List.of(
                        new Mend(
                                "Locked off on the tripod",
                                Change.edit(
                                        shot,
                                        one -> one.withSupport(Support.TRIPOD).withMove(Move.STILL))),
                        new Mend("No clean plate", Change.edit(shot, one -> one.withCleanPlate(false))))));
    }
}
