package upshot.core.ground;

import java.util.Optional;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;

/**
 * Where on the plan of its spot a shot's camera stands, and what it films there.
 *
 * @param plan of the spot
 * @param subject where the action is, and which way it goes
 * @param at where the camera stands
 */
public record Standpoint(FloorPlan plan, Place subject, Corner at) {

    /** Empty while the action has no place, and where the camera stands in another spot than what it shows. */
    public static Optional<Standpoint> of(Around plan, Shot shot) {
        return shot.cameraSpotId().isPresent()
                ? Optional.empty()
                : Place.of(plan, plan.actionOf(shot))
                        .map(place -> new Standpoint(
                                FloorPlan.of(plan, plan.spotOf(plan.actionOf(shot))),
                                place,
                                place.camera(
                                        shot.bearingDeg(), Stand.of(plan, shot).groundDistanceM())));
    }

    /** The way the camera looks, clockwise from the direction in which the spot goes deep. */
    public double looksDeg() {
        return Place.bearingDeg(at, subject.at());
    }

    /** How far a point lies off the middle of the view, 0 to 180°. */
    public double offViewDeg(Corner point) {
        double off = Degrees.wrap(Place.bearingDeg(at, point) - looksDeg());
        return Math.min(off, 360 - off);
    }
}
