package upshot.core.shot;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.ground.Stand;
import upshot.core.house.ShutterSchool;
import upshot.core.optics.NeededLight;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Lamps;
import upshot.core.plan.Shot;
import upshot.core.plan.ShutterScale;
import upshot.core.plan.Spot;
import upshot.core.plan.Use;
import upshot.core.time.Flicker;
import upshot.core.time.Playback;
import upshot.core.time.Shutter;

/**
 * How a shot is exposed.
 *
 * @param shutter how long each frame
 * @param needed the light it wants
 * @param missingStops how much darker the spot is, negative where it is brighter
 * @param flicker what lamps on the mains do to it; empty where there are none that flicker
 */
public record Exposing(Shutter shutter, NeededLight needed, double missingStops, Optional<Flicker> flicker) {

    private static final double HALF_OPEN_DEG = 180;
    private static final double CRISP_DEG = 100;

    public static Exposing of(Around plan, Shot shot) {
        Spot spot = plan.spotOf(plan.actionOf(shot));
        Stand stand = Stand.of(plan, shot);
        Shutter shutter = shutter(plan, shot);
        NeededLight needed = NeededLight.of(
                shot.apertureN(), lensMagnification(stand, shot), shot.ndStops(), shutter.seconds(), shot.iso());
        return new Exposing(shutter, needed, needed.missingStops(spot.lux()), flicker(plan, shot, shutter));
    }

    /** How far the lens itself is drawn out: a close-up glass takes no light. */
    private static double lensMagnification(Stand stand, Shot shot) {
        return shot.dioptrePerM() > 0
                ? stand.closeUp(shot).lensMagnification(shot.focalLengthMm())
                : stand.sensor().heightMm() / (stand.framing().heightM() * 1000);
    }

    /** The shutter chosen on the shot, or the school's: half open, or shorter for what is quick. */
    public static Shutter shutter(Around plan, Shot shot) {
        return plan.remember(Shutter.class, shot, around -> chosenOrUsual(around, shot));
    }

    private static Shutter chosenOrUsual(Around plan, Shot shot) {
        if (shot.shutterPerS().isPresent()) {
            return Shutter.per(shot.shutterPerS().get());
        }
        Action action = plan.actionOf(shot);
        boolean crisp = plan.house().shutter() == ShutterSchool.CRISP && action.quick();
        double angle = crisp ? CRISP_DEG : HALF_OPEN_DEG;
        Body body = plan.bodies().get(0);
        return body.shutter() == ShutterScale.ANGLES
                ? Shutter.angle(shot.captureRate(), angle)
                : Shutter.nearestMark(shot.captureRate(), angle);
    }

    /** By daylight, with the lamps off and under flicker-free lamps nothing flickers. */
    static Optional<Flicker> flicker(Around plan, Shot shot, Shutter shutter) {
        Spot spot = plan.spotOf(plan.actionOf(shot));
        if (spot.outdoors() || spot.lamps() != Lamps.FLICKERING || shot.lampsOff()) {
            return Optional.empty();
        }
        List<Use> uses = plan.usesOf(shot);
        return (uses.isEmpty()
                        ? Stream.of(1.0)
                        : uses.stream().filter(use -> !use.still()).map(Use::frameStep))
                .map(step -> flicker(plan, shot, shutter, spot, step))
                .max(Comparator.comparing(Flicker::look));
    }

    private static Flicker flicker(Around plan, Shot shot, Shutter shutter, Spot spot, double step) {
        return Flicker.of(
                spot.mainsHz(),
                shutter.seconds(),
                shot.captureRate().perSecond(),
                Math.abs(step),
                Playback.of(step, plan.brief().rate(), shot.captureRate()));
    }
}
