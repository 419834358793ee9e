package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.text;

import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import upshot.core.measure.FrameRate;
import upshot.core.size.Size;

/**
 * One planned framing of one action.
 *
 * @param subjectId whom it shows, where that is not the action's own subject
 * @param cameraSpotId where the camera stands, where that is another spot than the action's
 * @param code unique in the job and never given to another shot: it ends up on slates and files
 * @param rank place among the action's shots
 * @param cautions what can hurt somebody in this shot alone
 * @param foreground whether something stands between the camera and the subject
 * @param still the hash of a reference picture, 64 hexadecimal figures, empty for none
 * @param note up to 500 characters
 */
public record Shot(
        UUID id,
        @Refers(to = "action") UUID actionId,
        @Refers(to = "subject") Optional<UUID> subjectId,
        @Refers(to = "spot") Optional<UUID> cameraSpotId,
        String code,
        double rank,
        ShotFraming framing,
        ShotPosition position,
        ShotGlass glass,
        ShotMovement movement,
        ShotExposure exposure,
        ShotCloseUp closeUp,
        ShotLamps lamps,
        ShotTake take,
        ShotComposition composition,
        Cautions cautions,
        Priority priority,
        boolean foreground,
        String still,
        String note)
        implements PlanRecord, ShotParts {

    private static final Pattern CODE = Pattern.compile("[A-Z]{1,3}[1-9][0-9]{0,3}");
    private static final Pattern STILL = Pattern.compile("(?:[0-9a-f]{64})?");

    public Shot {
        present("id", id);
        present("actionId", actionId);
        chosen("subjectId", "subject", subjectId);
        chosen("cameraSpotId", "camera's spot", cameraSpotId);
        if (!CODE.matcher(chosen("code", "code", code)).matches()) {
            throw new InvalidField("code", "A code (%s) is letters and a number, like K2.".formatted(code));
        }
        rank = Check.rank(rank);
        chosen("priority", "priority", priority);
        chosen("cautions", "cautions", cautions);
        if (!STILL.matcher(chosen("still", "reference still", still)).matches()) {
            throw new InvalidField("still", "A reference still is named by its hash.");
        }
        note = text("note", "note", note, 0, 500);
    }

    /** A medium of the action from the front on a tripod with a 50 mm at f/2.8, ten seconds twice. */
    public static Shot draft(UUID id, UUID actionId, String code, FrameRate captureRate) {
        return new Shot(
                id,
                actionId,
                Optional.empty(),
                Optional.empty(),
                code,
                0,
                new ShotFraming(Size.MEDIUM, Optional.empty(), Optional.empty(), Aim.UNSAID),
                new ShotPosition(30, 1.5),
                new ShotGlass(50, 2.8),
                new ShotMovement(Support.TRIPOD, Move.STILL, false, Move.STILL, false, 0, 0, MoveReason.NONE),
                new ShotExposure(captureRate, Optional.empty(), 800, 0),
                new ShotCloseUp(0, 1),
                new ShotLamps(false, Optional.empty(), Optional.empty(), Optional.empty()),
                new ShotTake(10, 2, Meant.ANYTHING, false),
                new ShotComposition(Placement.CENTRE, FrameUse.STAYS, Viewpoint.OBJECTIVE, 0, false, Devices.NONE),
                Cautions.NONE,
                Priority.MUST,
                false,
                "",
                "");
    }

    public Shot withActionId(UUID actionId) {
        return with("actionId", actionId);
    }

    public Shot withSubjectId(Optional<UUID> subjectId) {
        return with("subjectId", subjectId);
    }

    public Shot withCameraSpotId(Optional<UUID> cameraSpotId) {
        return with("cameraSpotId", cameraSpotId);
    }

    public Shot withCode(String code) {
        return with("code", code);
    }

    public Shot withRank(double rank) {
        return with("rank", rank);
    }

    public Shot withSize(Size size) {
        return with(framing.withSize(size));
    }

    public Shot withInsertHeightM(Optional<Double> insertHeightM) {
        return with(framing.withInsertHeightM(insertHeightM));
    }

    public Shot withAim(Aim aim) {
        return with(framing.withAim(aim));
    }

    public Shot withBearingDeg(double bearingDeg) {
        return with(position.withBearingDeg(bearingDeg));
    }

    public Shot withCameraHeightM(double cameraHeightM) {
        return with(position.withCameraHeightM(cameraHeightM));
    }

    public Shot withFocalLengthMm(double focalLengthMm) {
        return with(glass.withFocalLengthMm(focalLengthMm));
    }

    public Shot withApertureN(double apertureN) {
        return with(glass.withApertureN(apertureN));
    }

    public Shot withSupport(Support support) {
        return with(movement.withSupport(support));
    }

    public Shot withMove(Move move) {
        return with(movement.withMove(move));
    }

    public Shot withMoveBack(boolean moveBack) {
        return with(movement.withMoveBack(moveBack));
    }

    public Shot withAlsoMove(Move alsoMove) {
        return with(movement.withAlsoMove(alsoMove));
    }

    public Shot withZooms(boolean zooms) {
        return with(movement.withZooms(zooms));
    }

    public Shot withMoveM(double moveM) {
        return with(movement.withMoveM(moveM));
    }

    public Shot withTurnDeg(double turnDeg) {
        return with(movement.withTurnDeg(turnDeg));
    }

    public Shot withReason(MoveReason reason) {
        return with(movement.withReason(reason));
    }

    public Shot withCaptureRate(FrameRate captureRate) {
        return with(exposure.withCaptureRate(captureRate));
    }

    public Shot withShutterPerS(Optional<Double> shutterPerS) {
        return with(exposure.withShutterPerS(shutterPerS));
    }

    public Shot withIso(int iso) {
        return with(exposure.withIso(iso));
    }

    public Shot withNdStops(double ndStops) {
        return with(exposure.withNdStops(ndStops));
    }

    public Shot withDioptrePerM(double dioptrePerM) {
        return with(closeUp.withDioptrePerM(dioptrePerM));
    }

    public Shot withPunchIn(double punchIn) {
        return with(closeUp.withPunchIn(punchIn));
    }

    public Shot withLampsOff(boolean lampsOff) {
        return with(lamps.withLampsOff(lampsOff));
    }

    public Shot withHoldS(double holdS) {
        return with(take.withHoldS(holdS));
    }

    public Shot withTakes(int takes) {
        return with(take.withTakes(takes));
    }

    public Shot withCleanPlate(boolean cleanPlate) {
        return with(take.withCleanPlate(cleanPlate));
    }

    public Shot withMeant(Meant meant) {
        return with(take.withMeant(meant));
    }

    public Shot withViewpoint(Viewpoint viewpoint) {
        return with("viewpoint", viewpoint);
    }

    public Shot withPlacement(Placement placement) {
        return with(composition.withPlacement(placement));
    }

    public Shot withFrameUse(FrameUse frameUse) {
        return with(composition.withFrameUse(frameUse));
    }

    public Shot withRollDeg(double rollDeg) {
        return with(composition.withRollDeg(rollDeg));
    }

    public Shot withRollMeant(boolean rollMeant) {
        return with(composition.withRollMeant(rollMeant));
    }

    public Shot withPriority(Priority priority) {
        return with("priority", priority);
    }

    public Shot withForeground(boolean foreground) {
        return with("foreground", foreground);
    }

    public Shot withStill(String still) {
        return with("still", still);
    }

    public Shot withNote(String note) {
        return with("note", note);
    }

    private Shot with(Part part) {
        return RecordKind.SHOT.with(this, part);
    }

    /** The same shot with one field changed. */
    public Shot with(String field, Object value) {
        return RecordKind.SHOT.with(this, field, value);
    }

    @Override
    public String label() {
        return code;
    }
}
