package upshot.core.ground;

import upshot.core.house.Threshold;
import upshot.core.measure.Degrees;
import upshot.core.optics.CloseUp;
import upshot.core.optics.Sensor;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Lens;
import upshot.core.plan.Line;
import upshot.core.plan.Mode;
import upshot.core.plan.Move;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.size.CameraHeight;
import upshot.core.size.Extent;
import upshot.core.size.Framing;
import upshot.core.size.Size;
import upshot.core.size.SubjectKind;

/**
 * Where the camera stands for a shot, from its size, lens and height.
 *
 * @param extent the subject as it is in this action
 * @param aim what of it the camera is aimed at
 * @param framing the frame's height and aim at the subject
 * @param sensor the delivered part of the first body's sensor at the shot's rate
 * @param distanceM d, from the lens to the aim point
 * @param elevationDeg ε = asin((z_cam − z_aim)/d), positive when looking down; ±90 when it cannot be reached
 * @param groundDistanceM d·cos ε
 * @param reachable false when the camera's height differs from the aim by more than the distance
 */
public record Stand(
        Extent extent,
        AimedAt aim,
        Framing framing,
        Sensor sensor,
        double distanceM,
        double elevationDeg,
        double groundDistanceM,
        boolean reachable) {

    public static Stand of(Around plan, Shot shot) {
        return plan.remember(Stand.class, shot, around -> workedOut(around, shot));
    }

    private static Stand workedOut(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Subject subject = plan.subjectOf(shot);
        Extent extent = extent(action, subject);
        AimedAt aim = AimedAt.of(shot, action, subject, extent);
        double aspect = plan.brief().aspect().ratio();
        Framing framing = Framing.of(
                shot.size(),
                extent,
                shot.bearingDeg(),
                aspect,
                shot.insertHeightM().filter(given -> shot.size() == Size.INSERT).or(aim::frameM),
                shot.aimHeightM().or(aim::heightM));
        Sensor sensor = sensor(plan, shot, aspect);
        double distance = shot.dioptrePerM() > 0
                ? closeUp(sensor, framing, shot).distanceM()
                : sensor.distanceM(shot.focalLengthMm(), framing.heightM());
        double rise = (shot.cameraHeightM() - framing.aimM()) / distance;
        double elevation = Degrees.asin(Math.max(-1, Math.min(1, rise)));
        return new Stand(
                extent,
                aim,
                framing,
                sensor,
                distance,
                elevation,
                distance * Degrees.cos(elevation),
                Math.abs(rise) <= 1);
    }

    private static CloseUp closeUp(Sensor sensor, Framing framing, Shot shot) {
        return CloseUp.of(sensor, shot.focalLengthMm(), framing.heightM(), shot.dioptrePerM());
    }

    /** How the lens is set behind the shot's close-up glass. */
    public CloseUp closeUp(Shot shot) {
        return closeUp(sensor, framing, shot);
    }

    /** The first body's sensor in the mode that records the shot's rate, or in its first mode where none does. */
    private static Sensor sensor(Around plan, Shot shot, double aspect) {
        Body body = plan.bodies().get(0);
        Mode mode = plan.modeFor(body, shot.captureRate())
                .orElseGet(() -> plan.modesOf(body).get(0));
        Mode held = mode.heldBy(body);
        double squeeze = Glass.of(plan, shot).map(Lens::squeeze).orElse(1.0);
        return Sensor.cropped(held.sensorWidthMm(), held.sensorHeightMm(), squeeze, aspect)
                .punchedIn(shot.punchIn());
    }

    /** The subject's extent as it is posed in an action. */
    public static Extent extent(Action action, Subject subject) {
        return subject.kind() == SubjectKind.PERSON
                ? Extent.person(
                        action.baseHeightM(), subject.heightM(), action.posture(), subject.widthM(), subject.lengthM())
                : Extent.object(action.baseHeightM(), subject.heightM(), subject.widthM(), subject.lengthM());
    }

    /** 2·atan(F·aspect/2d): how wide the view is on the ground. */
    public double wedgeDeg(Around plan) {
        return 2 * Degrees.atan(framing.heightM() * plan.brief().aspect().ratio() / (2 * distanceM));
    }

    /**
     * Where on the floor the camera stands.
     *
     * @param subject where the subject is
     */
    public Corner camera(Corner subject, double bearingDeg) {
        return Floor.from(subject, bearingDeg, groundDistanceM);
    }

    /** Low to overhead: of a person's whole or face against their height, of everything else by how steeply it looks. */
    public CameraHeight height(Shot shot) {
        return extent.person() && !aim.faceless()
                ? CameraHeight.ofPerson(
                        (shot.cameraHeightM() - extent.baseM()) / (extent.topM() - extent.baseM()), elevationDeg)
                : CameraHeight.ofThing(shot.cameraHeightM(), elevationDeg);
    }

    /**
     * Which way the action goes across the frame as a use comes in or goes out: a camera that orbits may end on the other
     * side of it.
     */
    public static ScreenTravel travelAt(Around plan, Shot shot, boolean reversed, boolean out) {
        return travel(plan, shot, reversed == out ? shot.bearingDeg() : endDeg(shot), reversed);
    }

    /** Where the camera stands round the subject when its move has ended. */
    public static double endDeg(Shot shot) {
        return shot.move() == Move.ORBIT
                ? Degrees.wrap(shot.bearingDeg() + (shot.moveBack() ? -1 : 1) * shot.turnDeg())
                : shot.bearingDeg();
    }

    /** Which way the action goes across this shot's frame; neutral where it has no direction. */
    public static ScreenTravel travel(Around plan, Shot shot, boolean reversed) {
        return travel(plan, shot, shot.bearingDeg(), reversed);
    }

    private static ScreenTravel travel(Around plan, Shot shot, double bearingDeg, boolean reversed) {
        return plan.actionOf(shot).line() == Line.NONE
                ? ScreenTravel.NEUTRAL
                : ScreenTravel.of(bearingDeg, reversed, plan.threshold(Threshold.NEUTRAL_WITHIN));
    }
}
