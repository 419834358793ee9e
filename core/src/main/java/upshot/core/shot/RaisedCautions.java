package upshot.core.shot;

import upshot.core.ground.Stand;
import upshot.core.light.SunOnView;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Shot;

/** What can hurt somebody in a shot: the tags of its action, its spot and its own, and what its support and sun raise. */
public final class RaisedCautions {

    private RaisedCautions() {}

    public static Cautions of(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        return action.cautions()
                .and(plan.spotOf(action).hazards())
                .and(shot.cautions())
                .and(support(shot))
                .and(sun(plan, shot));
    }

    private static Cautions support(Shot shot) {
        return switch (shot.support()) {
            case OVERHEAD -> Cautions.of(Caution.OVERHEAD_RIG);
            case MOUNT -> Cautions.of(Caution.VEHICLE);
            case DRONE -> Cautions.of(Caution.DRONE);
            case TRIPOD, GROUND, HAND_HELD, SHOULDER, GIMBAL, SLIDER, TURNTABLE -> Cautions.NONE;
        };
    }

    /** The sun stands within the width of the frame. */
    private static Cautions sun(Around plan, Shot shot) {
        double half = Stand.of(plan, shot).sensor().fieldOfViewDeg(shot.focalLengthMm()) / 2;
        boolean seen = SunOnView.of(plan, shot)
                .filter(sun -> sun.from() == SunOnView.From.BEHIND && Math.abs(sun.offViewDeg()) <= half)
                .isPresent();
        return seen ? Cautions.of(Caution.SUN) : Cautions.NONE;
    }
}
