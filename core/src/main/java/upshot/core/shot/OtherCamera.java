package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Place;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Action;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Taken;

/**
 * Said on the plan: where an action is taken by several cameras at once, because it happens once or in one run, another of
 * them stands in a shot's picture. A camera and whoever holds it are taken to be 1.8 m high; a lens beside this one is not
 * in its picture.
 */
final class OtherCamera {

    static final String ID = "other-camera";

    /** Nobody takes more pictures of one thing at once. */
    private static final int MOST_AT_ONCE = 24;

    private static final double HIGH_M = 1.8;
    private static final double BESIDE_M = 0.4;

    private OtherCamera() {}

    static Optional<Finding> of(Plan plan, Shot shot) {
        Action action = plan.actionOf(shot);
        if (plan.shotsOf(action).size() > MOST_AT_ONCE) {
            return Optional.empty();
        }
        boolean together = action.taken() == Taken.TWO_CAMERAS
                || action.once() && !action.stagedAgain() && plan.bodies().size() > 1;
        return together
                ? Standpoint.of(plan, shot)
                        .flatMap(camera -> plan.shotsOf(action).stream()
                                .filter(other -> !other.equals(shot) && sees(plan, shot, camera, other))
                                .findFirst()
                                .map(other -> finding(plan, shot, camera, other)))
                : Optional.empty();
    }

    private static boolean sees(Plan plan, Shot shot, Standpoint camera, Shot other) {
        return Standpoint.of(plan, other)
                .filter(there -> inPicture(plan, shot, camera, there.at()))
                .isPresent();
    }

    private static boolean inPicture(Plan plan, Shot shot, Standpoint camera, Corner there) {
        double apart = Place.apartM(camera.at(), there);
        Stand stand = Stand.of(plan, shot);
        if (apart < BESIDE_M || camera.offViewDeg(there) >= stand.wedgeDeg(plan) / 2) {
            return false;
        }
        double middle = shot.cameraHeightM() - apart * Math.tan(Math.toRadians(stand.elevationDeg()));
        double half = apart / stand.distanceM() * stand.framing().heightM() / 2;
        return middle - half < HIGH_M && middle + half > 0;
    }

    private static Finding finding(Plan plan, Shot shot, Standpoint camera, Shot other) {
        Corner there = Standpoint.of(plan, other).orElseThrow().at();
        return new Finding(
                ID,
                Status.WATCH,
                List.of(shot.id(), other.id()),
                "Another camera is in the picture.",
                new Measured(camera.offViewDeg(there), Stand.of(plan, shot).wedgeDeg(plan) / 2, Quantity.DEGREES),
                "“%s” is taken by several cameras at once; %s stands in the picture of %s, %s away."
                        .formatted(
                                plan.actionOf(shot).name(),
                                other.code(),
                                shot.code(),
                                Wording.metres(Place.apartM(camera.at(), there))),
                ElsewhereMends.of(
                        plan,
                        shot,
                        moved -> Standpoint.of(plan, moved)
                                .filter(at -> plan.shotsOf(plan.actionOf(shot)).stream()
                                        .anyMatch(one -> !one.id().equals(shot.id()) && sees(plan, moved, at, one)))
                                .isEmpty()));
    }
}
