package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Device;
import upshot.core.plan.Shot;
import upshot.core.plan.WantedLight;

/** The spot is darker than the exposure wants: up to two stops can be lifted, more cannot. */
final class TooDark implements ShotRule {

    @Override
    public String id() {
        return "too-dark";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Light enough",
                "The spot is as bright as shutter, aperture and ISO want it.",
                "Up to two stops can be lifted afterwards; what is darker turns to noise.",
                RuleCard.Source.OPTICS,
                Bound.of("lifted at most", MOST_STOPS, "stops"),
                Bound.of("more where it is meant to be dark", MEANT_STOPS, "stops"));
    }

    private static final double MOST_STOPS = 2;
    private static final double MEANT_STOPS = 2;

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Exposing exposing = Exposing.of(plan, shot);
        double missing = exposing.missingStops();
        double meant = meantDark(plan, shot) ? MEANT_STOPS : 0;
        if (missing <= meant + 1e-9) {
            return Optional.empty();
        }
        Status status = missing > MOST_STOPS + meant + 1e-9 ? Status.BREAK : Status.WATCH;
        String spotName = plan.spotOf(plan.actionOf(shot)).name();
        double spotLux = plan.spotOf(plan.actionOf(shot)).lux();
        return Optional.of(new Finding(
                id(),
                status,
                List.of(shot.id()),
                spotLux == 0 ? "No light at all." : "Too dark by %s.".formatted(Wording.stops(missing)),
                new Measured(exposing.needed().lux(), spotLux, Quantity.LUX),
                "%s s at f/%s and ISO %d wants %s lx, %s has %s."
                        .formatted(
                                exposing.shutter(),
                                Wording.number(shot.apertureN(), 1),
                                shot.iso(),
                                Wording.number(exposing.needed().lux(), 0),
                                spotName,
                                Wording.number(spotLux, 0)),
                spotLux == 0 ? List.of() : Mends.later(() -> ExposureLadder.mends(plan, shot, missing))));
    }

    /** A silhouette, or a look of the night. */
    private static boolean meantDark(Around plan, Shot shot) {
        return shot.devices().tags().contains(Device.SILHOUETTE)
                || plan.actionOf(shot).wantedLight() == WantedLight.DARK;
    }
}
