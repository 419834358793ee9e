package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;

/**
 * What carries the camera, and how it moves.
 *
 * @param moveBack whether it pans, slides or orbits to the left, tilts or lifts down, instead of to the right or up
 * @param alsoMove a second move in the same shot, still for none
 * @param zooms whether the focal length changes during it
 * @param moveM how far the camera slides, pushes, pulls or lifts, 0 to 1000 m; 0 where it is not said
 * @param turnDeg how far it pans, tilts or orbits, 0 to 360°; 0 where it is not said
 * @param reason why it moves
 */
public record ShotMovement(
        Support support,
        Move move,
        boolean moveBack,
        Move alsoMove,
        boolean zooms,
        double moveM,
        double turnDeg,
        MoveReason reason)
        implements Part {

    public ShotMovement {
        chosen("support", "support", support);
        chosen("move", "move", move);
        chosen("alsoMove", "second move", alsoMove);
        moveM = range("moveM", "move", moveM, 0, 1000, "m");
        turnDeg = range("turnDeg", "turn", turnDeg, 0, 360, "°");
        chosen("reason", "reason of the move", reason);
    }

    ShotMovement withSupport(Support support) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withMove(Move move) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withMoveBack(boolean moveBack) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withAlsoMove(Move alsoMove) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withZooms(boolean zooms) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withMoveM(double moveM) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withTurnDeg(double turnDeg) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }

    ShotMovement withReason(MoveReason reason) {
        return new ShotMovement(support, move, moveBack, alsoMove, zooms, moveM, turnDeg, reason);
    }
}
