package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;
import upshot.core.plan.Placement;
import upshot.core.plan.Shot;

/** What stands between the camera and the subject: something soft in a corner, somebody's shoulder, the pane's frame. */
final class Foreground {

    private static final double PANE = 0.07;

    private Foreground() {}

    static List<Shape> of(Shot shot, double aspect) {
        List<Shape> shapes = new ArrayList<>();
        // It takes the side away from the subject.
        double corner = shot.placement() == Placement.RIGHT_THIRD ? 0 : aspect;
        double inwards = corner == 0 ? 1 : -1;
        if (shot.foreground()) {
            shapes.add(soft(corner, inwards, Math.min(0.45, aspect / 3)));
        }
        switch (shot.viewpoint()) {
            case OBJECTIVE, POINT_OF_VIEW -> {}
            case OVER_SHOULDER -> shapes.addAll(shoulder(corner, inwards, Math.min(0.5, aspect / 3)));
            case INSIDE_OUT -> shapes.addAll(pane(aspect));
        }
        return shapes;
    }

    private static Shape soft(double corner, double inwards, double reach) {
        List<FramePoint> corners = new ArrayList<>();
        corners.add(new FramePoint(corner, 1));
        for (int step = 0; step <= 12; step++) {
            double angle = Math.PI / 2 * step / 12;
            corners.add(new FramePoint(corner + inwards * reach * Math.cos(angle), 1 - 0.55 * Math.sin(angle)));
        }
        return new Shape.Area(Shape.Role.FOREGROUND, corners);
    }

    /** A head cut off by the edge of the frame, and the shoulder under it. */
    private static List<Shape> shoulder(double corner, double inwards, double reach) {
        List<FramePoint> slope = List.of(
                new FramePoint(corner, 0.62),
                new FramePoint(corner + inwards * reach * 0.45, 0.68),
                new FramePoint(corner + inwards * reach * 0.85, 0.82),
                new FramePoint(corner + inwards * reach, 1),
                new FramePoint(corner, 1));
        return List.of(
                new Shape.Area(Shape.Role.FOREGROUND_EDGE, slope),
                new Shape.Disc(
                        Shape.Role.FOREGROUND_EDGE,
                        new FramePoint(corner + inwards * reach * 0.1, 0.42),
                        reach * 0.45));
    }

    private static List<Shape> pane(double aspect) {
        return List.of(
                bar(0, 0, aspect, PANE),
                bar(0, 1 - PANE, aspect, 1),
                bar(0, 0, PANE, 1),
                bar(aspect - PANE, 0, aspect, 1));
    }

    private static Shape bar(double left, double top, double right, double bottom) {
        return new Shape.Area(
                Shape.Role.FOREGROUND_EDGE,
                List.of(
                        new FramePoint(left, top),
                        new FramePoint(right, top),
                        new FramePoint(right, bottom),
                        new FramePoint(left, bottom)));
    }
}
