package upshot.core.shot;

import java.util.Optional;
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
        double magnification = stand.sensor().heightMm() / (stand.framing().heightM() * shot.punchIn() * 1000);
        NeededLight needed =
                NeededLight.of(shot.apertureN(), magnification, shot.ndStops(), shutter.seconds(), shot.iso());
        return new Exposing(shutter, needed, needed.missingStops(spot.lux()), flicker(plan, shot, shutter));
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
        Playback playback = Playback.of(1, plan.brief().rate(), shot.captureRate());
        return Optional.of(
                Flicker.of(spot.mainsHz(), shutter.seconds(), shot.captureRate().perSecond(), 1, playback));
    }
}
