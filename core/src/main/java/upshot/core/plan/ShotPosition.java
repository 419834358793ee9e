package upshot.core.plan;

import static upshot.core.plan.Check.range;

/**
 * Where the camera is.
 *
 * @param bearingDeg where the camera stands round the subject: clockwise from above, 0 in front of its direction,
 *     0 up to, not including, 360°
 * @param cameraHeightM the lens above the floor, 0.02 to 60 m
 */
public record ShotPosition(double bearingDeg, double cameraHeightM) implements Part {

    public static final double LOWEST_M = 0.02;
    public static final double HIGHEST_M = 60;

    public ShotPosition {
        bearingDeg = range("bearingDeg", "bearing", bearingDeg, 0, 360, "°") % 360;
        cameraHeightM = range("cameraHeightM", "height of the camera", cameraHeightM, LOWEST_M, HIGHEST_M, "m");
    }

    ShotPosition withBearingDeg(double bearingDeg) {
        return new ShotPosition(bearingDeg, cameraHeightM);
    }

    ShotPosition withCameraHeightM(double cameraHeightM) {
        return new ShotPosition(bearingDeg, cameraHeightM);
    }
}
