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
        return sin == 0 ? shapes : shapes.stream().map(this::turn).toList();
    }

    /** v grows downwards, so that clockwise takes right to down. */
    FramePoint turn(FramePoint point) {
        double u = point.u() - aspect / 2;
        double v = point.v() - 0.5;
        return new FramePoint(aspect / 2 + u * cos - v * sin, 0.5 + u * sin + v * cos);
    }

    private Shape turn(Shape shape) {
        if (shape instanceof Shape.Area area) {
            return new Shape.Area(
                    area.role(), area.corners().stream().map(this::turn).toList());
        }
        if (shape instanceof Shape.Stroke stroke) {
            return new Shape.Stroke(stroke.role(), turn(stroke.from()), turn(stroke.to()), stroke.width());
        }
        if (shape instanceof Shape.Disc disc) {
            return new Shape.Disc(disc.role(), turn(disc.centre()), disc.radius());
        }
        return shape;
    }
}
