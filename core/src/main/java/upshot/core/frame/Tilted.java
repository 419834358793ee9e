package upshot.core.frame;

import java.util.List;
import upshot.core.measure.Degrees;

/** Turns a picture clockwise round the middle of its frame, as a camera that is not level shows it. */
final class Tilted {

    private final double aspect;
    private final double sin;
    private final double cos;

    Tilted(double aspect, double clockwiseDeg) {
        this.aspect = aspect;
        this.sin = Degrees.sin(clockwiseDeg);
        this.cos = Degrees.cos(clockwiseDeg);
    }

    List<Shape> turn(List<Shape> shapes) {
        return sin == 0
                ? shapes
                : shapes.stream().map(shape -> shape.through(this::turn, 1)).toList();
    }

    /** v grows downwards, so that clockwise takes right to down. */
    FramePoint turn(FramePoint point) {
        double u = point.u() - aspect / 2;
        double v = point.v() - 0.5;
        return new FramePoint(aspect / 2 + u * cos - v * sin, 0.5 + u * sin + v * cos);
    }
}
