package upshot.core.shot;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** The first body has no mode that records the rate. */
final class NoSuchRate implements ShotRule {

    @Override
    public String id() {
        return "no-such-rate";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A rate that is recorded",
                "The first body has a mode that records the frame rate.",
                "Slow motion that no body records cannot be had afterwards.",
                RuleCard.Source.KIT);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Body body = plan.bodies().get(0);
        if (plan.modeFor(body, shot.captureRate()).isPresent()) {
            return Optional.empty();
        }
        double wanted = shot.captureRate().perSecond();
        Optional<FrameRate> nearest = plan.modesOf(body).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .min(Comparator.comparingDouble(rate -> Math.abs(Math.log(rate.perSecond() / wanted))));
        double offered = nearest.map(FrameRate::perSecond).orElse(0.0);
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "%s does not record %s."
                        .formatted(body.name(), shot.captureRate().label()),
                new Measured(wanted, offered, Quantity.FRAMES_PER_SECOND),
                "No mode of %s has %s frames a second."
                        .formatted(body.name(), shot.captureRate().label()),
                nearest
                        .map(rate -> new Mend(
                                "%s frames a second".formatted(rate.label()),
                                Change.edit(shot, one -> one.withCaptureRate(rate))))
                        .stream()
                        .toList()));
    }
}
