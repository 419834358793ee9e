package upshot.core.shot;

import upshot.core.ground.Floor;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.plan.Around;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;

/** How far back the camera of a shot could go. */
public final class Room {

    private Room() {}

    /** Where the camera stands: with what it shows, or in another spot and looking in or out. */
    static Spot ofTheCamera(Around plan, Shot shot) {
        return shot.cameraSpotId()
                .map(id -> plan.get(RecordKind.SPOT, id))
                .orElseGet(() -> plan.spotOf(plan.actionOf(shot)));
    }

    /**
     * Metres to stand back on the shot's own side: to the wall, and never more than the spot's figure says. From another
     * spot that spot's own figure counts alone.
     */
    public static double onThatSideM(Around plan, Shot shot) {
        if (shot.cameraSpotId().isPresent()) {
            return ofTheCamera(plan, shot).roomM();
        }
        Spot spot = plan.spotOf(plan.actionOf(shot));
        double wall = Place.of(plan, plan.actionOf(shot))
                .map(place -> Floor.toWallM(
                        FloorPlan.of(plan, spot).outline(), place.at(), place.directionDeg() + shot.bearingDeg()))
                .orElse(Double.POSITIVE_INFINITY);
        return Math.min(spot.roomM(), wall);
    }
}
