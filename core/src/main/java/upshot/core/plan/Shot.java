package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;
import static upshot.core.plan.Check.whole;

import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import upshot.core.measure.FrameRate;
import upshot.core.size.Size;

/**
 * One planned framing of one action.
 *
 * @param subjectId whom it shows, where that is not the action's own subject
 * @param code unique in the job and never given to another shot: it ends up on slates and files
 * @param rank place among the action's shots
 * @param size the rung of the ladder
 * @param insertHeightM the height of the frame of an insert, 0.005 to 50 m; required for inserts
 * @param aimHeightM what the camera is aimed at, above the floor, where the size does not say it, 0 to 100 m
 * @param bearingDeg where the camera stands round the subject: clockwise from above, 0 in front of its direction,
 *     0 up to, not including, 360°
 * @param cameraHeightM the lens above the floor, 0.02 to 60 m
 * @param focalLengthMm 4 to 1200 mm
 * @param apertureN the f-number, 0.7 to 45
 * @param moveBack whether it pans, slides or orbits to the left, tilts or lifts down, instead of to the right or up
 * @param alsoMove a second move in the same shot, still for none
 * @param zooms whether the focal length changes during it
 * @param moveM how far the camera slides, pushes, pulls or lifts, 0 to 1000 m; 0 where it is not said
 * @param turnDeg how far it pans, tilts or orbits, 0 to 360°; 0 where it is not said
 * @param reason why it moves
 * @param captureRate frames recorded a second
 * @param shutterPerS the number under the line of a shutter chosen by hand, 1 to 32 000, or none for the school's
 * @param iso 25 to 1 000 000
 * @param ndStops grey glass in front, 0 to 20 stops
 * @param dioptrePerM close-up glass in front, 0 to 20 per metre; 0 for none
 * @param punchIn how far the delivered picture is cut out of the recorded one, 1 to 8; 1 for the whole
 * @param lampsOff whether the spot's lamps are switched off for it
 * @param keyDeg where the main lamp of one's own stands round the subject, as bearings count, 0 to 360°, or none
 * @param fillDeg the softer one, likewise
 * @param backDeg the one from behind, likewise
 * @param holdS clean seconds asked for, 0.5 to 3600 s
 * @param takes 1 to 99
 * @param frameUse what the subject does with the frame
 * @param viewpoint whose eyes the camera is
 * @param rollDeg how far the horizon is tilted clockwise, −45 to 45°; 0 for level
 * @param rollMeant whether it is tilted on purpose
 * @param devices how it is composed
 * @param cautions what can hurt somebody in this shot alone
 * @param foreground whether something stands between the camera and the subject
 * @param still the hash of a reference picture, 64 hexadecimal figures, empty for none
 * @param note up to 500 characters
 */
public record Shot(
        UUID id,
        @Refers(to = "action") UUID actionId,
        @Refers(to = "subject") Optional<UUID> subjectId,
        String code,
        double rank,
        Size size,
        Optional<Double> insertHeightM,
        Optional<Double> aimHeightM,
        double bearingDeg,
        double cameraHeightM,
        double focalLengthMm,
        double apertureN,
        Support support,
        Move move,
        boolean moveBack,
        Move alsoMove,
        boolean zooms,
        double moveM,
        double turnDeg,
        MoveReason reason,
        FrameRate captureRate,
        Optional<Double> shutterPerS,
        int iso,
        double ndStops,
        double dioptrePerM,
        double punchIn,
        boolean lampsOff,
        Optional<Double> keyDeg,
        Optional<Double> fillDeg,
        Optional<Double> backDeg,
        double holdS,
        int takes,
        Placement placement,
        FrameUse frameUse,
        Viewpoint viewpoint,
        double rollDeg,
        boolean rollMeant,
        Devices devices,
        Cautions cautions,
        Priority priority,
        boolean foreground,
        String still,
        String note)
        implements PlanRecord {

    private static final Pattern CODE = Pattern.compile("[A-Z]{1,3}[1-9][0-9]{0,3}");
    private static final Pattern STILL = Pattern.compile("(?:[0-9a-f]{64})?");

    public Shot {
        present("id", id);
        present("actionId", actionId);
        chosen("subjectId", "subject", subjectId);
        if (!CODE.matcher(chosen("code", "code", code)).matches()) {
            throw new InvalidField("code", "A code (%s) is letters and a number, like K2.".formatted(code));
        }
        rank = Check.rank(rank);
        chosen("size", "size", size);
        insertHeightM = range("insertHeightM", "height shown", insertHeightM, 0.005, 50, "m");
        aimHeightM = range("aimHeightM", "height of the aim", aimHeightM, 0, 100, "m");
        if (size == Size.INSERT && insertHeightM.isEmpty()) {
            throw new InvalidField("insertHeightM", "An insert needs the height of what it shows.");
        }
        bearingDeg = range("bearingDeg", "bearing", bearingDeg, 0, 360, "°") % 360;
        cameraHeightM = range("cameraHeightM", "height of the camera", cameraHeightM, 0.02, 60, "m");
        focalLengthMm = range("focalLengthMm", "lens", focalLengthMm, 4, 1200, "mm");
        apertureN = range("apertureN", "aperture", apertureN, 0.7, 45, "");
        chosen("support", "support", support);
        chosen("move", "move", move);
        chosen("alsoMove", "second move", alsoMove);
        moveM = range("moveM", "move", moveM, 0, 1000, "m");
        turnDeg = range("turnDeg", "turn", turnDeg, 0, 360, "°");
        chosen("reason", "reason of the move", reason);
        shutterPerS = range("shutterPerS", "shutter 1/", shutterPerS, 1, 32_000, "s");
        iso = whole("iso", "ISO", iso, 25, 1_000_000, "");
        ndStops = range("ndStops", "ND", ndStops, 0, 20, "stops");
        dioptrePerM = range("dioptrePerM", "close-up glass", dioptrePerM, 0, 20, "1/m");
        punchIn = range("punchIn", "punch-in", punchIn, 1, 8, "×");
        keyDeg = range("keyDeg", "key", keyDeg, 0, 360, "°");
        fillDeg = range("fillDeg", "fill", fillDeg, 0, 360, "°");
        backDeg = range("backDeg", "back light", backDeg, 0, 360, "°");
        chosen("frameUse", "use of the frame", frameUse);
        chosen("viewpoint", "viewpoint", viewpoint);
        rollDeg = range("rollDeg", "tilt of the horizon", rollDeg, -45, 45, "°");
        chosen("captureRate", "frame rate", captureRate);
        holdS = range("holdS", "hold", holdS, 0.5, 3600, "s");
        takes = whole("takes", "number of takes", takes, 1, 99, "");
        chosen("placement", "placement", placement);
        chosen("priority", "priority", priority);
        chosen("devices", "devices", devices);
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
                code,
                0,
                Size.MEDIUM,
                Optional.empty(),
                Optional.empty(),
                30,
                1.5,
                50,
                2.8,
                Support.TRIPOD,
                Move.STILL,
                false,
                Move.STILL,
                false,
                0,
                0,
                MoveReason.NONE,
                captureRate,
                Optional.empty(),
                800,
                0,
                0,
                1,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                10,
                2,
                Placement.CENTRE,
                FrameUse.STAYS,
                Viewpoint.OBJECTIVE,
                0,
                false,
                Devices.NONE,
                Cautions.NONE,
                Priority.MUST,
                false,
                "",
                "");
    }

    /** The same shot with one field changed. */
    public Shot with(String field, Object value) {
        return Kind.SHOT.with(this, field, value);
    }

    @Override
    public String label() {
        return code;
    }
}
