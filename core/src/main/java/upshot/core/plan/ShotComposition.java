package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;

/**
 * How the picture is put together.
 *
 * @param frameUse what the subject does with the frame
 * @param viewpoint whose eyes the camera is
 * @param rollDeg how far the horizon is tilted clockwise, −45 to 45°; 0 for level
 * @param rollMeant whether it is tilted on purpose
 * @param devices how it is composed
 */
public record ShotComposition(
        Placement placement, FrameUse frameUse, Viewpoint viewpoint, double rollDeg, boolean rollMeant, Devices devices)
        implements Part {

    public ShotComposition {
        chosen("frameUse", "use of the frame", frameUse);
        chosen("viewpoint", "viewpoint", viewpoint);
        rollDeg = range("rollDeg", "tilt of the horizon", rollDeg, -45, 45, "°");
        chosen("placement", "placement", placement);
        chosen("devices", "devices", devices);
    }

    ShotComposition withPlacement(Placement placement) {
        return new ShotComposition(placement, frameUse, viewpoint, rollDeg, rollMeant, devices);
    }

    ShotComposition withFrameUse(FrameUse frameUse) {
        return new ShotComposition(placement, frameUse, viewpoint, rollDeg, rollMeant, devices);
    }

    ShotComposition withRollDeg(double rollDeg) {
        return new ShotComposition(placement, frameUse, viewpoint, rollDeg, rollMeant, devices);
    }

    ShotComposition withRollMeant(boolean rollMeant) {
        return new ShotComposition(placement, frameUse, viewpoint, rollDeg, rollMeant, devices);
    }
}
