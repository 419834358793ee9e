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
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Skyline;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.light.SunOnView;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** With the sun behind it, the camera throws its shadow z_cam/tan(altitude) far: as far as the subject or farther. */
final class OwnShadow implements ShotRule {

    /** Lower than that the sun is dim, and its shadows are lost among all others. */
    private static final double LEAST_DEG = 2;

    @Override
    public String id() {
        return "own-shadow";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Its own shadow",
                "The camera does not throw its shadow as far as the subject.",
                "With the sun behind it, it stands in the picture itself.",
                RuleCard.Source.GEOMETRY,
                Bound.of("sun stands at least", LEAST_DEG, "°"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        double reach = Stand.of(plan, shot).groundDistanceM();
        return behind(plan, shot, reach).map(sun -> finding(plan, shot, sun, reach));
    }

    /** The sun, where it throws the camera's shadow as far as the subject. */
    private static Optional<SunOnView> behind(Around plan, Shot shot, double reach) {
        return SunOnView.of(plan, shot)
                .filter(sun -> sun.from() == SunOnView.From.FRONT && sun.altitudeDeg() >= LEAST_DEG)
                .filter(sun -> shadowM(shot, sun) >= reach && !inShade(plan, shot, sun));
    }

    /** Where the plan shows something between the camera and the sun, it throws no shadow. */
    private static boolean inShade(Around plan, Shot shot, SunOnView sun) {
        double facing = plan.spotOf(plan.actionOf(shot)).facingDeg().orElse(0.0);
        double towards = Degrees.wrap(sun.hour().day().azimuthDeg(sun.hour().at()) - facing);
        return Standpoint.of(plan, shot)
                .filter(camera -> camera.plan().drawn()
                        && new Skyline(camera.plan(), camera.at()).hides(sun.altitudeDeg(), towards))
                .isPresent();
    }

    private static double shadowM(Shot shot, SunOnView sun) {
        return shot.cameraHeightM() * Degrees.cos(sun.altitudeDeg()) / Degrees.sin(sun.altitudeDeg());
    }

    private Finding finding(Around plan, Shot shot, SunOnView sun, double reach) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "Its own shadow.",
                new Measured(shadowM(shot, sun), reach, Quantity.METRES),
                "About %s the sun stands behind the camera, %s up: its shadow reaches %s and the subject is %s away."
                        .formatted(
                                sun.hour().clock(sun.hour().at()).withSecond(0).withNano(0),
                                Wording.degrees(sun.altitudeDeg()),
                                Wording.metres(shadowM(shot, sun)),
                                Wording.metres(reach)),
                OtherBearing.smallest(
                                plan,
                                shot,
                                turned -> behind(plan, turned, reach).isEmpty())
                        .stream()
                        .map(bearing -> new Mend(
                                "Shoot from %s".formatted(Wording.place(bearing)),
                                Change.edit(shot, one -> one.withBearingDeg(bearing))))
                        .toList());
    }
}
