package upshot.core.frame;

import upshot.core.ground.Stand;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Shot;

/**
 * The camera on its way. A move that reveals ends at the frame that was planned, one that hands over begins there, any
 * other pan, tilt, slide or lift has it in its middle; pushes, pulls and orbits begin with it. What is not said of a move
 * is taken so that it can be seen.
 */
final class Moved {

    private static final double USUAL_PAN_DEG = 14;
    private static final double USUAL_TILT_DEG = 9;
    private static final double USUAL_ORBIT_DEG = 30;
    private static final double USUAL_SLIDE_FRAMES = 0.4;
    private static final double USUAL_LIFT_FRAMES = 0.35;
    private static final double USUAL_PUSH_SHARE = 0.25;
    private static final double NEAREST_PUSH_SHARE = 0.7;
    private static final double ZOOM = 1.4;

    private final Shot shot;
    private final Stand stand;
    private final Point3 aim;
    private final double share;
    private final int way;

    Moved(Shot shot, Stand stand, Point3 aim, double share) {
        this.shot = shot;
        this.stand = stand;
        this.aim = aim;
        this.share = share;
        this.way = shot.moveBack() ? -1 : 1;
    }

    Pinhole from(Pinhole framed, double goneM) {
        Pinhole moved = step(step(framed, shot.move(), goneM), shot.alsoMove(), goneM);
        return shot.zooms() ? moved.zoomed(1 + (ZOOM - 1) * share) : moved;
    }

    private Pinhole step(Pinhole camera, Move move, double goneM) {
        return switch (move) {
            case STILL -> camera;
            case PAN -> camera.panned(way * placed() * or(shot.turnDeg(), USUAL_PAN_DEG));
            case TILT -> camera.tilted(way * placed() * or(shot.turnDeg(), USUAL_TILT_DEG));
            case SLIDE -> camera.moved(way * placed() * or(shot.moveM(), USUAL_SLIDE_FRAMES * frame()), 0, 0);
            case LIFT -> camera.moved(0, 0, way * placed() * or(shot.moveM(), USUAL_LIFT_FRAMES * frame()));
            case PUSH -> camera.moved(0, share * pushM(), 0);
            case PULL -> camera.moved(0, -share * or(shot.moveM(), USUAL_PUSH_SHARE * stand.distanceM()), 0);
            case ORBIT -> camera.orbited(aim, way * share * or(shot.turnDeg(), USUAL_ORBIT_DEG));
            case FOLLOW -> camera.carried(new Point3(0, goneM, 0));
        };
    }

    /** Where along the move the planned frame lies is 0. */
    private double placed() {
        return shot.reason() == MoveReason.REVEALS
                ? share - 1
                : shot.reason() == MoveReason.HANDS_OVER ? share : share - 0.5;
    }

    /** It never runs into the subject. */
    private double pushM() {
        return Math.min(or(shot.moveM(), USUAL_PUSH_SHARE * stand.distanceM()), NEAREST_PUSH_SHARE * stand.distanceM());
    }

    private double frame() {
        return stand.framing().heightM();
    }

    private static double or(double said, double usual) {
        return said > 0 ? said : usual;
    }
}
