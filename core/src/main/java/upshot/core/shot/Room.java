package upshot.core.shot;

import java.util.Optional;
import upshot.core.ground.Floor;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;

/** Where a shot's camera stands in its spot, and how far back it could go. */
public final class Room {

    private Room() {}

    /** Where the subject is in its spot, where that is written down. */
    private static Optional<Corner> place(Action action) {
        return action.acrossM().flatMap(across -> action.deepM().map(deep -> new Corner(across, deep)));
    }

    /** Where the camera stands; empty while nobody knows where the subject is. */
    static Optional<Corner> camera(Around plan, Shot shot) {
        return place(plan.actionOf(shot)).map(subject -> Stand.of(plan, shot).camera(subject, shot.bearingDeg()));
    }

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
        double wall = place(plan.actionOf(shot))
                .map(subject -> Floor.toWallM(Floor.of(spot), subject, shot.bearingDeg()))
                .orElse(Double.POSITIVE_INFINITY);
        return Math.min(spot.roomM(), wall);
    }
}
