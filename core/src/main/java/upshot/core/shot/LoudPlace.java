package upshot.core.shot;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Noise;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;

/** Somebody speaks, or a sound is to be recorded, where it is loud. */
final class LoudPlace implements ShotRule {

    @Override
    public String id() {
        return "loud-place";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Quiet enough to record",
                "Where somebody speaks or a sound is recorded it is not loud.",
                "Noise is not taken out again without the voice.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Spot spot = plan.spotOf(action);
        boolean wanted = action.speech() || !action.sound().isEmpty() && !action.noSound() && !action.playback();
        if (!wanted || !loud(spot, action)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "It is loud there.",
                Measured.unwanted(),
                "%s is to be recorded at %s, where it is loud: wind cover and a microphone close by, another hour or place,"
                                .formatted(action.speech() ? "Speech" : action.sound(), spot.name())
                        + " or the sound by itself.",
                action.speech()
                        ? List.of()
                        : List.of(new Mend("No sound of it", Change.edit(action, one -> one.withNoSound(true))))));
    }

    /** Always, or in hours from which the action cannot get away. */
    private static boolean loud(Spot spot, Action action) {
        if (spot.noise() == Noise.LOUD) {
            return true;
        }
        if (spot.loudFrom().isEmpty() || spot.loudUntil().isEmpty()) {
            return false;
        }
        Optional<LocalTime> from = action.fixedTime().or(action::fromTime);
        Optional<LocalTime> until = action.fixedTime().or(action::untilTime);
        return from.isPresent()
                && until.isPresent()
                && !from.get().isBefore(spot.loudFrom().get())
                && !until.get().isAfter(spot.loudUntil().get());
    }
}
