package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.ground.AimedAt;
import upshot.core.plan.Action;
import upshot.core.plan.Focus;
import upshot.core.plan.Subject;
import upshot.core.size.Posture;

/**
 * Where hands are at work: a bench as high as what they work on, with a sheet of something on it where nobody has said what.
 *
 * @param topM of the bench above the floor
 */
record Workplace(double topM) {

    private static final double WIDTH_M = 1.1;
    private static final double DEPTH_M = 0.5;
    private static final double AHEAD_M = AimedAt.IN_HAND_M + 0.06;
    private static final double HANDS_AT = 0.58;
    private static final double ABOVE_M = 0.03;
    private static final double SHEET_M = 0.24;
    private static final double SHEET_HIGH_M = 0.015;

    /** Of somebody whose action is about their hands and who stays where they are. */
    static Optional<Workplace> of(Action action, Subject subject) {
        boolean stays = action.posture() == Posture.STANDING || action.posture() == Posture.SEATED;
        return action.focus() == Focus.HANDS && stays && !action.travels()
                ? Optional.of(new Workplace(
                        action.hasThing()
                                ? action.thingBaseM()
                                : action.baseHeightM() + HANDS_AT * subject.heightM() * seated(action) - ABOVE_M))
                : Optional.empty();
    }

    private static double seated(Action action) {
        return action.posture().crownShare();
    }

    /** What the hands are on. */
    Point3 grip() {
        return new Point3(0, AimedAt.IN_HAND_M, topM + ABOVE_M);
    }

    boolean isBeyond(Pinhole camera, Point3 foot) {
        return camera.depthM(grip()) > camera.depthM(foot) + 0.05;
    }

    /**
     * @param sheet whether something lies on it
     */
    List<Shape> draw(Pinhole camera, boolean sheet) {
        List<Shape> shapes = new ArrayList<>(Solids.box(
                camera,
                new Point3(0, AHEAD_M, 0),
                WIDTH_M,
                DEPTH_M,
                topM,
                0,
                Shape.Role.SCENERY,
                Shape.Role.SCENERY_LIT));
        if (sheet) {
            shapes.addAll(Solids.box(
                    camera,
                    new Point3(0, AHEAD_M, topM),
                    SHEET_M,
                    SHEET_M,
                    SHEET_HIGH_M,
                    0,
                    Shape.Role.OBJECT,
                    Shape.Role.OBJECT_LIT));
        }
        return shapes;
    }
}
