package upshot.core.plan;

import java.util.Optional;
import upshot.core.measure.FrameRate;
import upshot.core.size.Size;

/** What is asked of a shot without a thought of the part that it is in. */
public interface ShotParts {

    ShotFraming framing();

    ShotPosition position();

    ShotGlass glass();

    ShotMovement movement();

    ShotExposure exposure();

    ShotCloseUp closeUp();

    ShotLamps lamps();

    ShotTake take();

    ShotComposition composition();

    default Size size() {
        return framing().size();
    }

    default Optional<Double> insertHeightM() {
        return framing().insertHeightM();
    }

    default Optional<Double> aimHeightM() {
        return framing().aimHeightM();
    }

    default Aim aim() {
        return framing().aim();
    }

    default double bearingDeg() {
        return position().bearingDeg();
    }

    default double cameraHeightM() {
        return position().cameraHeightM();
    }

    default double focalLengthMm() {
        return glass().focalLengthMm();
    }

    default double apertureN() {
        return glass().apertureN();
    }

    default Support support() {
        return movement().support();
    }

    default Move move() {
        return movement().move();
    }

    default boolean moveBack() {
        return movement().moveBack();
    }

    default Move alsoMove() {
        return movement().alsoMove();
    }

    default boolean zooms() {
        return movement().zooms();
    }

    default double moveM() {
        return movement().moveM();
    }

    default double turnDeg() {
        return movement().turnDeg();
    }

    default MoveReason reason() {
        return movement().reason();
    }

    default FrameRate captureRate() {
        return exposure().captureRate();
    }

    default Optional<Double> shutterPerS() {
        return exposure().shutterPerS();
    }

    default int iso() {
        return exposure().iso();
    }

    default double ndStops() {
        return exposure().ndStops();
    }

    default double dioptrePerM() {
        return closeUp().dioptrePerM();
    }

    default double punchIn() {
        return closeUp().punchIn();
    }

    default boolean lampsOff() {
        return lamps().lampsOff();
    }

    default Optional<Double> keyDeg() {
        return lamps().keyDeg();
    }

    default Optional<Double> fillDeg() {
        return lamps().fillDeg();
    }

    default Optional<Double> backDeg() {
        return lamps().backDeg();
    }

    default double holdS() {
        return take().holdS();
    }

    default int takes() {
        return take().takes();
    }

    default Meant meant() {
        return take().meant();
    }

    default boolean cleanPlate() {
        return take().cleanPlate();
    }

    default Placement placement() {
        return composition().placement();
    }

    default FrameUse frameUse() {
        return composition().frameUse();
    }

    default Viewpoint viewpoint() {
        return composition().viewpoint();
    }

    default double rollDeg() {
        return composition().rollDeg();
    }

    default boolean rollMeant() {
        return composition().rollMeant();
    }

    default Devices devices() {
        return composition().devices();
    }
}
