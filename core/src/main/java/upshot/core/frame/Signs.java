package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.light.SunOnView;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Placement;
import upshot.core.plan.Shot;

/** What is written on a drawn frame beside the picture: which way it travels, how the camera moves, where the sun is. */
final class Signs {

    private static final double TRAVEL_V = 0.93;
    /** Upright pictures have buttons and captions at their foot. */
    private static final double UPRIGHT_TRAVEL_V = 0.81;

    private static final double TRAVEL_LENGTH = 0.3;
    private static final double MOVE_V = 0.1;
    private static final double MOVE_LENGTH = 0.16;
    private static final double SUN_LENGTH = 0.13;
    private static final double SUN_RADIUS = 0.045;
    private static final double EDGE = 0.07;
    private static final double SIDE_V = 0.33;

    private final Around plan;
    private final Shot shot;
    private final double aspect;
    /** Narrow frames get smaller signs. */
    private final double scale;

    Signs(Around plan, Shot shot, double aspect) {
        this.plan = plan;
        this.shot = shot;
        this.aspect = aspect;
        this.scale = Math.min(1, aspect);
    }

    /** All that apply. */
    List<Shape> draw(double subjectU) {
        List<Shape> signs = new ArrayList<>();
        sun(signs);
        lamps(signs);
        move(signs);
        travel(signs, subjectU);
        return signs;
    }

    private void travel(List<Shape> signs, double subjectU) {
        ScreenTravel travel = Stand.travel(plan, shot, false);
        if (plan.actionOf(shot).line() != Line.TRAVEL || travel == ScreenTravel.NEUTRAL) {
            return;
        }
        double half = Math.min(TRAVEL_LENGTH, aspect / 3) / 2 * (travel == ScreenTravel.LEFT_TO_RIGHT ? 1 : -1);
        double v = aspect < 1 ? UPRIGHT_TRAVEL_V : TRAVEL_V;
        signs.add(arrow(Shape.Role.TRAVEL, subjectU - half, v, subjectU + half, v));
    }

    /** Across, up, inwards for a push and outwards for a pull, in the upper corner that the subject leaves free. */
    private void move(List<Shape> signs) {
        boolean subjectLeft = shot.placement() == Placement.LEFT_THIRD;
        double middle = subjectLeft ? aspect * 3 / 4 : aspect / 4;
        double half = Math.min(MOVE_LENGTH / 2, aspect / 20);
        int right = shot.moveBack() ? -1 : 1;
        switch (shot.move()) {
            case STILL -> {}
            case PAN, SLIDE, ORBIT -> {
                signs.add(arrow(Shape.Role.MOVE, middle - right * half, MOVE_V, middle + right * half, MOVE_V));
                if (shot.move() == Move.ORBIT) {
                    signs.add(arrow(
                            Shape.Role.MOVE, middle + right * half, 2 * MOVE_V, middle - right * half, 2 * MOVE_V));
                }
            }
            case FOLLOW -> {
                int way = Stand.travel(plan, shot, false) == ScreenTravel.RIGHT_TO_LEFT ? -1 : 1;
                signs.add(arrow(Shape.Role.MOVE, middle - way * half, MOVE_V, middle + way * half, MOVE_V));
            }
            case TILT, LIFT -> {
                double above = MOVE_V - half / 2;
                double below = MOVE_V + 2 * half;
                signs.add(arrow(
                        Shape.Role.MOVE,
                        middle,
                        shot.moveBack() ? above : below,
                        middle,
                        shot.moveBack() ? below : above));
            }
            case PUSH -> {
                signs.add(arrow(Shape.Role.MOVE, middle - 2.5 * half, MOVE_V, middle - half / 2, MOVE_V));
                signs.add(arrow(Shape.Role.MOVE, middle + 2.5 * half, MOVE_V, middle + half / 2, MOVE_V));
            }
            case PULL -> {
                signs.add(arrow(Shape.Role.MOVE, middle - half / 2, MOVE_V, middle - 2.5 * half, MOVE_V));
                signs.add(arrow(Shape.Role.MOVE, middle + half / 2, MOVE_V, middle + 2.5 * half, MOVE_V));
            }
        }
    }

    /** A sun at the edge that its light comes from: above where it is looked at, below where it stands behind the camera. */
    private void sun(List<Shape> signs) {
        SunOnView.of(plan, shot).ifPresent(sun -> {
            double side = Math.signum(sun.offViewDeg());
            double edge = EDGE * scale;
            double length = SUN_LENGTH * scale;
            double u = side > 0 ? aspect - edge : edge;
            switch (sun.from()) {
                case NOWHERE -> {}
                case ABOVE -> sun(signs, aspect * 3 / 4, edge, 0, length);
                case BEHIND -> sun(signs, u, edge, -side * length * 0.7, length * 0.7);
                case SIDE -> sun(signs, u, SIDE_V, -side * length, 0);
                case FRONT -> sun(signs, u, 1 - edge, -side * length * 0.7, -length * 0.7);
            }
        });
    }

    /** Lamps of one's own round the edge: below on the camera's side, above behind the subject; the key's arrow is longest. */
    private void lamps(List<Shape> signs) {
        shot.keyDeg().ifPresent(bearing -> lamp(signs, bearing, 0.2));
        shot.fillDeg().ifPresent(bearing -> lamp(signs, bearing, 0.1));
        shot.backDeg().ifPresent(bearing -> lamp(signs, bearing, 0.14));
    }

    private void lamp(List<Shape> signs, double bearingDeg, double length) {
        double turned = shot.bearingDeg() - bearingDeg;
        double u = aspect / 2 + Degrees.sin(turned) * (aspect / 2 - EDGE * scale);
        double v = 0.5 + Degrees.cos(turned) * (0.5 - EDGE);
        double towards = Math.max(1e-6, Math.hypot(aspect / 2 - u, 0.5 - v));
        double stepU = (aspect / 2 - u) / towards * length * scale;
        double stepV = (0.5 - v) / towards * length * scale;
        signs.add(arrow(Shape.Role.LIGHT, u, v, u + stepU, v + stepV));
    }

    private void sun(List<Shape> signs, double u, double v, double alongU, double alongV) {
        signs.add(arrow(Shape.Role.LIGHT, u + alongU * 0.6, v + alongV * 0.6, u + alongU * 1.6, v + alongV * 1.6));
        signs.add(new Shape.Disc(Shape.Role.LIGHT, new FramePoint(u, v), SUN_RADIUS * scale));
    }

    private static Shape arrow(Shape.Role role, double fromU, double fromV, double toU, double toV) {
        return new Shape.Arrow(role, new FramePoint(fromU, fromV), new FramePoint(toU, toV));
    }
}
