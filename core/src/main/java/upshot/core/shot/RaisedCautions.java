package upshot.core.shot;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import upshot.core.ground.Place;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.light.SunOnView;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Focus;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.size.Form;
import upshot.core.size.Posture;

/** What can hurt somebody in a shot: the tags of its action, its spot and its own, and what its support and sun raise. */
public final class RaisedCautions {

    private RaisedCautions() {}

    private static final double QUICK_MPS = 3;
    private static final double CLOSE_M = 4;
    private static final Set<Form> WHEELED = EnumSet.of(Form.WHEEL, Form.BICYCLE, Form.VEHICLE);
    private static final Pattern ROAD = Pattern.compile("\\b(road|street|car|van|bus|tram|lorry|truck)s?\\b");
    private static final Pattern PASSING = Pattern.compile("\\bpass(es)? the camera\\b");

    public static Cautions of(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        return action.cautions()
                .and(plan.spotOf(action).hazards())
                .and(shot.cautions())
                .and(support(shot))
                .and(traffic(plan, shot))
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

    /** Something on wheels, or quicker than a runner, passes within 4 m of where the camera stands. */
    public static boolean besideTraffic(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        double speed = Moving.speedMps(plan, shot);
        boolean wheels = action.focus() == Focus.WHEELS
                || action.posture() == Posture.RIDING
                || WHEELED.contains(plan.subjectOf(action).form());
        double beside = besideTheWayM(plan, shot, action);
        return (wheels && speed > 0 || speed > QUICK_MPS) && beside < CLOSE_M && shot.move() != Move.FOLLOW;
    }

    /** To the way that is drawn, or to the straight line through the subject. */
    private static double besideTheWayM(Around plan, Shot shot, Action action) {
        return Standpoint.of(plan, shot)
                .flatMap(camera -> Place.toPathM(plan, action, camera.at()))
                .orElseGet(() -> Stand.of(plan, shot).groundDistanceM() * Math.abs(Degrees.sin(shot.bearingDeg())));
    }

    /** What passes close by, or a line that speaks of it or of a road. */
    private static Cautions traffic(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        return besideTraffic(plan, shot)
                        || PASSING.matcher(action.name().toLowerCase(Locale.ROOT))
                                .find()
                ? Cautions.of(Caution.VEHICLE)
                : ROAD.matcher(action.name().toLowerCase(Locale.ROOT)).find()
                        ? Cautions.of(Caution.TRAFFIC)
                        : Cautions.NONE;
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
