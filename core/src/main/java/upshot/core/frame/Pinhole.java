package upshot.core.frame;

import java.util.List;
import java.util.OptionalDouble;
import upshot.core.measure.Degrees;

/** The shot's camera: aimed at a point, framing a known height at that point, level unless the frame is turned. */
final class Pinhole {

    /** Nothing nearer to the lens than this share of the subject's distance is drawn. */
    private static final double NEAREST_SHARE = 0.05;

    private final Point3 position;
    private final Point3 forward;
    private final Point3 right;
    private final Point3 up;
    private final double distanceM;
    private final double zoom;
    private final double centreU;
    private final Point3 outward;

    /**
     * @param aim what sits in the frame's middle line
     * @param bearingDeg of the camera round the aim
     * @param elevationDeg how steeply it looks down
     * @param distanceM from the lens to the aim
     * @param frameHeightM F at the aim
     * @param centreU where the aim sits across, in frame heights
     */
    Pinhole(Point3 aim, double bearingDeg, double elevationDeg, double distanceM, double frameHeightM, double centreU) {
        double sin = Degrees.sin(bearingDeg);
        double cos = Degrees.cos(bearingDeg);
        Point3 towardsCamera =
                new Point3(sin * Degrees.cos(elevationDeg), cos * Degrees.cos(elevationDeg), Degrees.sin(elevationDeg));
        this.position = aim.plus(towardsCamera.times(distanceM));
        this.forward = towardsCamera.times(-1);
        // Taken from the bearing, not from the view, so that looking straight down keeps the frame's bottom edge.
        this.right = new Point3(-cos, sin, 0);
        this.up = right.cross(forward);
        this.outward = new Point3(-sin, -cos, 0);
        this.distanceM = distanceM;
        this.zoom = distanceM / frameHeightM;
        this.centreU = centreU;
    }

    private Pinhole(Pinhole other, Point3 position, Point3 forward, Point3 right, Point3 outward, double zoom) {
        this.position = position;
        this.forward = forward;
        this.right = right;
        this.up = right.cross(forward);
        this.outward = outward;
        this.distanceM = other.distanceM;
        this.zoom = zoom;
        this.centreU = other.centreU;
    }

    private Pinhole(Pinhole other, Point3 position) {
        this(other, position, other.forward, other.right, other.outward, other.zoom);
    }

    /** The same camera turned to its right on its own place. */
    Pinhole panned(double rightDeg) {
        return new Pinhole(
                this, position, forward.turned(rightDeg), right.turned(rightDeg), outward.turned(rightDeg), zoom);
    }

    /** The same camera looking further up. */
    Pinhole tilted(double upDeg) {
        Point3 raised = forward.times(Degrees.cos(upDeg)).plus(up.times(Degrees.sin(upDeg)));
        return new Pinhole(this, position, raised, right, outward, zoom);
    }

    /** The same camera shifted to its right, along its view, and up. */
    Pinhole moved(double rightM, double aheadM, double upM) {
        return carried(right.times(rightM).plus(forward.times(aheadM)).plus(new Point3(0, 0, upM)));
    }

    /** The same camera at another place of the world. */
    Pinhole carried(Point3 shift) {
        return new Pinhole(this, position.plus(shift));
    }

    /** The same camera further round a point, clockwise from above, still looking at it. */
    Pinhole orbited(Point3 round, double clockwiseDeg) {
        Point3 there = round.plus(position.minus(round).turned(clockwiseDeg));
        return new Pinhole(this, there).panned(clockwiseDeg);
    }

    /** The same camera with so many times the focal length. */
    Pinhole zoomed(double times) {
        return new Pinhole(this, position, forward, right, outward, zoom * times);
    }

    /** The same camera for something that stands elsewhere but is drawn as if it stood at the origin. */
    Pinhole towards(Point3 elsewhere) {
        return new Pinhole(this, position.minus(elsewhere));
    }

    Point3 position() {
        return position;
    }

    Point3 forward() {
        return forward;
    }

    /** F at so many metres along the view. */
    double frameHeightM(double depthM) {
        return depthM / zoom;
    }

    double depthM(Point3 point) {
        return point.minus(position).dot(forward);
    }

    /** Whether a face at a point, with an outward normal, shows its outside to the camera. */
    boolean isInFrontOf(Point3 point, Point3 outwardNormal) {
        return position.minus(point).dot(outwardNormal) > 0;
    }

    boolean sees(Point3 point) {
        return depthM(point) > NEAREST_SHARE * distanceM;
    }

    boolean seesAll(List<Point3> points) {
        return points.stream().allMatch(this::sees);
    }

    FramePoint project(Point3 point) {
        Point3 relative = point.minus(position);
        double depth = relative.dot(forward);
        return new FramePoint(centreU + relative.dot(right) / depth * zoom, 0.5 - relative.dot(up) / depth * zoom);
    }

    /** How long a metre at this point is in the frame. */
    double scaleAt(Point3 point) {
        return zoom / depthM(point);
    }

    /** The point so far behind the aim, seen from the camera, on the floor. */
    Point3 behind(double metres) {
        return outward.times(metres);
    }

    /** Where the horizon runs, unless the camera looks too steeply down or up to have one. */
    OptionalDouble horizonV() {
        double ahead = outward.dot(forward);
        return ahead < 0.02 ? OptionalDouble.empty() : OptionalDouble.of(0.5 - outward.dot(up) / ahead * zoom);
    }
}
