package upshot.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.Around;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;

/**
 * How far a camera goes in a shot, and where on its way the planned frame is. A move that reveals ends at the frame that was
 * planned, one that hands over begins there, any other pan, tilt, slide or lift has it in its middle; pushes, pulls and
 * orbits begin with it. What is not said of a move is taken so that it can be seen.
 */
public record MoveExtent(Shot shot, Stand stand) {

    private static final double USUAL_PAN_DEG = 14;
    private static final double USUAL_TILT_DEG = 9;
    private static final double USUAL_ORBIT_DEG = 30;
    private static final double USUAL_SLIDE_FRAMES = 0.4;
    private static final double USUAL_LIFT_FRAMES = 0.35;
    private static final double USUAL_PUSH_SHARE = 0.25;
    private static final double NEAREST_PUSH_SHARE = 0.7;
    private static final int ARC_PARTS = 12;

    private static double or(double said, double usual) {
        return said > 0 ? said : usual;
    }

    /** Where along the move the planned frame lies is 0. */
    public double placed(double share) {
        return shot.reason() == MoveReason.REVEALS
                ? share - 1
                : shot.reason() == MoveReason.HANDS_OVER ? share : share - 0.5;
    }

    /** 1 to the right or up, −1 to the left or down. */
    public int way() {
        return shot.moveBack() ? -1 : 1;
    }

    public double panDeg() {
        return or(shot.turnDeg(), USUAL_PAN_DEG);
    }

    public double tiltDeg() {
        return or(shot.turnDeg(), USUAL_TILT_DEG);
    }

    public double orbitDeg() {
        return or(shot.turnDeg(), USUAL_ORBIT_DEG);
    }

    public double slideM() {
        return or(shot.moveM(), USUAL_SLIDE_FRAMES * stand.framing().heightM());
    }

    public double liftM() {
        return or(shot.moveM(), USUAL_LIFT_FRAMES * stand.framing().heightM());
    }

    public double pullM() {
        return or(shot.moveM(), USUAL_PUSH_SHARE * stand.distanceM());
    }

    /** It never runs into the subject. */
    public double pushM() {
        return Math.min(pullM(), NEAREST_PUSH_SHARE * stand.distanceM());
    }

    /**
     * The way of the camera over the floor, from where it begins to where it ends; empty where it does not leave its place,
     * has none, or goes along with what it follows.
     */
    public static List<Corner> track(Around plan, Shot shot) {
        Optional<Standpoint> camera = Standpoint.of(plan, shot);
        return camera.map(one -> new MoveExtent(shot, Stand.of(plan, shot)).track(one))
                .orElse(List.of());
    }

    private List<Corner> track(Standpoint camera) {
        Place at = new Place(camera.at(), camera.looksDeg());
        Move move = floorMove();
        return switch (move) {
            case SLIDE ->
                List.of(at.camera(90, way() * placed(0) * slideM()), at.camera(90, way() * placed(1) * slideM()));
            case PUSH -> List.of(at.at(), at.camera(0, pushM()));
            case PULL -> List.of(at.at(), at.camera(180, pullM()));
            case ORBIT -> arc(camera);
            default -> List.of();
        };
    }

    /** The one of its two moves that leaves the place. */
    private Move floorMove() {
        List<Move> over = List.of(Move.SLIDE, Move.PUSH, Move.PULL, Move.ORBIT);
        return over.contains(shot.move()) ? shot.move() : shot.alsoMove();
    }

    private List<Corner> arc(Standpoint camera) {
        List<Corner> arc = new ArrayList<>();
        for (int part = 0; part <= ARC_PARTS; part++) {
            double bearing = shot.bearingDeg() + way() * orbitDeg() * part / ARC_PARTS;
            arc.add(camera.subject().camera(bearing, stand.groundDistanceM()));
        }
        return arc;
    }
}
