package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;

import java.util.Optional;
import upshot.core.size.Size;

/**
 * What size a picture is.
 *
 * @param size the rung of the ladder
 * @param insertHeightM the height of the frame of an insert, 0.005 to 50 m; required for inserts
 * @param aimHeightM what the camera is aimed at, above the floor, where the size does not say it, 0 to 100 m
 * @param aim what it is aimed at
 */
public record ShotFraming(Size size, Optional<Double> insertHeightM, Optional<Double> aimHeightM, Aim aim)
        implements Part {

    public ShotFraming {
        chosen("size", "size", size);
        insertHeightM = range("insertHeightM", "height shown", insertHeightM, 0.005, 50, "m");
        aimHeightM = range("aimHeightM", "height of the aim", aimHeightM, 0, 100, "m");
        chosen("aim", "aim", aim);
        if (size == Size.INSERT && insertHeightM.isEmpty()) {
            throw new InvalidField("insertHeightM", "An insert needs the height of what it shows.");
        }
    }

    ShotFraming withSize(Size size) {
        return new ShotFraming(size, insertHeightM, aimHeightM, aim);
    }

    ShotFraming withInsertHeightM(Optional<Double> insertHeightM) {
        return new ShotFraming(size, insertHeightM, aimHeightM, aim);
    }

    ShotFraming withAim(Aim aim) {
        return new ShotFraming(size, insertHeightM, aimHeightM, aim);
    }
}
