package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.core.finding.Say;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.Glass;
import upshot.core.shot.ShotNumbers;
import upshot.core.shot.Stand;
import upshot.core.size.CameraHeight;
import upshot.core.size.Extent;
import upshot.core.size.Size;
import upshot.core.verdict.Verdict;
import upshot.exchange.json.ChangeJson;

/**
 * The panel of one shot.
 *
 * @param findings breaks first
 * @param figures label and value, each with its unit
 * @param heights buttons that bring the camera to a usual height
 * @param fields everything that can be set in place
 */
record ShotPanel(
        FrameView frame,
        List<FindingView> findings,
        List<Caution> cautions,
        List<Figure> figures,
        List<Height> heights,
        FieldView bearing,
        List<FieldView> fields) {

    /** A computed figure. */
    record Figure(String label, String value) {}

    /**
     * A usual height.
     *
     * @param chosen whether the camera is there now
     */
    record Height(String label, String changes, boolean chosen) {}

    static ShotPanel of(Verdict verdict, Shot shot) {
        Action action = verdict.plan().actionOf(shot);
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        return new ShotPanel(
                FrameView.of(verdict, shot),
                verdict.findingsOf(shot).stream()
                        .filter(finding -> finding.status() != Status.CLEAR)
                        .map(FindingView::of)
                        .toList(),
                action.cautions().tags(),
                figures(verdict.plan(), action, shot, numbers),
                heights(shot, numbers.stand()),
                FieldView.bearing(shot, "bearingDeg", "Bearing"),
                fields(verdict.plan(), shot));
    }

    private static List<Figure> figures(Plan plan, Action action, Shot shot, ShotNumbers numbers) {
        Stand stand = numbers.stand();
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure(
                "Stand",
                "%s back, %s up".formatted(Say.metres(stand.groundDistanceM()), Say.metres(shot.cameraHeightM()))));
        figures.add(new Figure("Looks", looks(stand.elevationDeg())));
        figures.add(new Figure(
                "Frame",
                "%s high at the subject".formatted(Say.metres(stand.framing().heightM()))));
        figures.add(new Figure(
                "Lens",
                "%s mm, %s across, %s mm full frame"
                        .formatted(
                                Say.number(shot.focalLengthMm(), 0),
                                Say.degrees(stand.sensor().fieldOfViewDeg(shot.focalLengthMm())),
                                Say.number(stand.sensor().fullFrameEquivalentMm(shot.focalLengthMm()), 0))));
        figures.add(new Figure("Sharp", sharp(shot, numbers)));
        figures.add(new Figure("Background", blur(numbers.blurPercent())));
        figures.add(new Figure("Shutter", numbers.shutter() + " s, 180°"));
        figures.add(new Figure("Plays", numbers.playback().label()));
        figures.add(new Figure(
                "Roll",
                "%s s, keep %s s clean"
                        .formatted(
                                Say.number(numbers.hold().rollS(), 1),
                                Say.number(numbers.hold().cleanS(), 1))));
        figures.add(new Figure(
                "All takes", Say.number(Math.ceil(numbers.shotTimeS() / 6) / 10, 1) + " min for " + shot.takes()));
        if (action.line() == Line.TRAVEL) {
            figures.add(new Figure("Travel", Stand.travel(plan, shot, false).label()));
        }
        return figures;
    }

    private static String looks(double elevationDeg) {
        long degrees = Math.round(Math.abs(elevationDeg));
        if (degrees == 0) {
            return "level";
        }
        return "%d° %s".formatted(degrees, elevationDeg > 0 ? "down" : "up");
    }

    private static String sharp(Shot shot, ShotNumbers numbers) {
        String near = Say.metres(numbers.depth().nearM());
        String stop = "f/" + Say.number(shot.apertureN(), 1);
        return Double.isInfinite(numbers.depth().farM())
                ? "%s to the horizon at %s".formatted(near, stop)
                : "%s to %s at %s".formatted(near, Say.metres(numbers.depth().farM()), stop);
    }

    private static String blur(double percent) {
        String word = percent < 0.3 ? "readable" : percent < 1 ? "soft" : "stands apart";
        return "%s %% blur, %s".formatted(Say.number(percent, 2), word);
    }

    private static List<Height> heights(Shot shot, Stand stand) {
        Extent extent = stand.extent();
        double top = extent.topM();
        double aim = stand.framing().aimM();
        CameraHeight present = stand.height(shot);
        return List.of(
                height(shot, CameraHeight.LOW, 0.2 * top, present),
                height(shot, CameraHeight.WAIST, 0.55 * top, present),
                height(shot, CameraHeight.EYE, extent.eyeLineM(), present),
                height(shot, CameraHeight.HIGH, 1.25 * top, present),
                height(shot, CameraHeight.OVERHEAD, aim + 0.95 * stand.distanceM(), present));
    }

    private static Height height(Shot shot, CameraHeight name, double metres, CameraHeight present) {
        double rounded = Math.max(0.05, Math.min(60, Math.round(metres * 100) / 100.0));
        return new Height(name.label(), ChangeJson.write(Change.set(shot, "cameraHeightM", rounded)), name == present);
    }

    private static List<FieldView> fields(Plan plan, Shot shot) {
        List<FieldView> fields = new ArrayList<>();
        fields.add(sizes(shot));
        if (shot.size() == Size.INSERT) {
            fields.add(FieldView.number(shot, "insertHeightM", "Shows", "m high"));
        }
        fields.add(FieldView.oneOf(
                shot,
                "focalLengthMm",
                "Lens",
                "",
                Glass.settings(plan)
                        .map(one -> new Choice(Say.number(one.focalLengthMm(), 4), one.label(), false))
                        .toList()));
        fields.addAll(List.of(
                FieldView.number(shot, "apertureN", "Aperture f/", ""),
                FieldView.number(shot, "cameraHeightM", "Camera up", "m"),
                FieldView.choice(shot, "placement", "Placed"),
                FieldView.choice(shot, "support", "Support"),
                FieldView.choice(shot, "move", "Move"),
                FieldView.oneOf(shot, "captureRate", "Rate", "fps", rates(plan)),
                FieldView.number(shot, "holdS", "Hold", "s"),
                FieldView.number(shot, "takes", "Takes", ""),
                FieldView.choice(shot, "priority", "Need"),
                FieldView.check(shot, "foreground", "Foreground"),
                FieldView.text(shot, "note", "Note")));
        return fields;
    }

    /** An insert needs the height of what it shows first, so it is offered only where that is known. */
    private static FieldView sizes(Shot shot) {
        List<Choice> sizes = Arrays.stream(Size.values())
                .filter(size -> size != Size.INSERT || shot.insertHeightM().isPresent())
                .map(size -> new Choice(size.name(), size.label(), false))
                .toList();
        return FieldView.oneOf(shot, "size", "Size", "", sizes);
    }

    /** What the first body records. */
    private static List<Choice> rates(Plan plan) {
        return plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .distinct()
                .sorted()
                .map(rate -> new Choice(rate.toString(), rate.label(), false))
                .toList();
    }
}
