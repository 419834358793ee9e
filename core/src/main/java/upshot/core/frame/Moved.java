package upshot.core.frame;

import upshot.core.ground.MoveExtent;
import upshot.core.ground.Stand;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;

/** The camera on its way; how far that leads, {@link MoveExtent} says. */
final class Moved {

    private static final double ZOOM = 1.4;

    private final Shot shot;
    private final MoveExtent extent;
    private final Point3 aim;
    private final double share;

    Moved(Shot shot, Stand stand, Point3 aim, double share) {
        this.shot = shot;
        this.extent = new MoveExtent(shot, stand);
        this.aim = aim;
        this.share = share;
    }

    Pinhole from(Pinhole framed, double goneM) {
        Pinhole moved = step(step(framed, shot.move(), goneM), shot.alsoMove(), goneM);
        return shot.zooms() ? moved.zoomed(1 + (ZOOM - 1) * share) : moved;
    }

    private Pinhole step(Pinhole camera, Move move, double goneM) {
        double placed = extent.way() * extent.placed(share);
        return switch (move) {
            case STILL -> camera;
            case PAN -> camera.panned(placed * extent.panDeg());
            case TILT -> camera.tilted(placed * extent.tiltDeg());
            case SLIDE -> camera.moved(placed * extent.slideM(), 0, 0);
            case LIFT -> camera.moved(0, 0, placed * extent.liftM());
            case PUSH -> camera.moved(0, share * extent.pushM(), 0);
            case PULL -> camera.moved(0, -share * extent.pullM(), 0);
            case ORBIT -> camera.orbited(aim, extent.way() * share * extent.orbitDeg());
            case FOLLOW -> camera.carried(new Point3(0, goneM, 0));
        };
    }
}
