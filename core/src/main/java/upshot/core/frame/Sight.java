package upshot.core.frame;

import java.util.Optional;
import upshot.core.ground.AimedAt;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Placement;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.Viewpoint;
import upshot.core.size.SubjectKind;

/** What a picture is taken of and from where. */
record Sight(
        Action action,
        Subject subject,
        Stand stand,
        Optional<Point3> thing,
        Pinhole camera,
        double aspect,
        Moment moment,
        boolean ownView) {

    /** How large the mark of the eye is drawn, in shares of the frame's height. */
    static final double EYE_RING = 0.055;

    private static final double EYES_AHEAD = 0.04;

    static Sight of(Around plan, Shot shot, Moment moment) {
        Action action = plan.actionOf(shot);
        Subject subject = plan.subjectOf(shot);
        Stand stand = Stand.of(plan, shot);
        double aspect = plan.brief().aspect().ratio();
        Optional<Point3> thing = thingOf(action, subject);
        Pinhole camera = new Pinhole(
                aim(stand),
                shot.bearingDeg(),
                stand.elevationDeg(),
                stand.distanceM(),
                stand.framing().heightM(),
                centreU(shot.placement(), aspect));
        return new Sight(
                action,
                subject,
                stand,
                thing,
                moment == Moment.FRAMED
                        ? camera
                        : new Moved(shot, stand, aim(stand), moment.share()).from(camera, moment.goneM()),
                aspect,
                moment,
                shot.viewpoint() == Viewpoint.POINT_OF_VIEW);
    }

    /** The person in front of the camera, with their hands where they are. */
    Figure figure() {
        return new Figure(
                subject.heightM(),
                action.baseHeightM(),
                action.posture(),
                grip(action, thing)
                        .or(() -> Workplace.of(action, subject).map(Workplace::grip))
                        .or(this::handsShown),
                moment.stride());
    }

    /** Hands that are looked at are where the camera is aimed, whatever they do. */
    Optional<Point3> handsShown() {
        return stand.aim().part() == AimedAt.Part.HANDS ? Optional.of(aim(stand)) : Optional.empty();
    }

    /** The camera for whatever goes along with the subject. */
    Pinhole goingAlong() {
        return moment.goneM() == 0 ? camera : camera.towards(new Point3(0, moment.goneM(), 0));
    }

    FramePoint eye(Shot shot) {
        Point3 point = lookedAt();
        return inside(new Tilted(aspect, shot.rollDeg()).turn(goingAlong().project(point)), aspect);
    }

    private static Optional<Point3> thingOf(Action action, Subject subject) {
        if (!action.hasThing()) {
            return Optional.empty();
        }
        double ahead = subject.kind() == SubjectKind.PERSON ? AimedAt.IN_HAND_M : 0;
        return Optional.of(new Point3(0, ahead, action.thingBaseM()));
    }

    private static Optional<Point3> grip(Action action, Optional<Point3> thing) {
        return thing.map(at -> at.plus(new Point3(0, 0, action.thingHeightM() * 0.6)));
    }

    private static Point3 aim(Stand stand) {
        return new Point3(0, stand.aim().aheadM(), stand.framing().aimM());
    }

    private Point3 lookedAt() {
        if (stand.aim().faceless()) {
            return aim(stand);
        }
        boolean person = subject.kind() == SubjectKind.PERSON;
        double ahead = person ? EYES_AHEAD * subject.heightM() + figure().leansM() : 0;
        return new Point3(0, ahead, stand.extent().eyeLineM());
    }

    static double centreU(Placement placement, double aspect) {
        return switch (placement) {
            case LEFT_THIRD -> aspect / 3;
            case CENTRE -> aspect / 2;
            case RIGHT_THIRD -> aspect * 2 / 3;
        };
    }

    private static FramePoint inside(FramePoint point, double aspect) {
        return new FramePoint(
                Math.max(EYE_RING, Math.min(aspect - EYE_RING, point.u())),
                Math.max(EYE_RING, Math.min(1 - EYE_RING, point.v())));
    }
}
