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
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.Glass;
import upshot.core.shot.ReadyChecks;
import upshot.core.shot.ShotNumbers;
import upshot.core.shot.Stand;
import upshot.core.size.CameraHeight;
import upshot.core.size.Extent;
import upshot.core.size.Size;
import upshot.core.verdict.Verdict;
import upshot.exchange.json.ChangeJson;
import upshot.exchange.svg.DepthBarSvg;

/**
 * The panel of one shot.
 *
 * @param findings breaks first
 * @param depthBar what is sharp, drawn along the line of sight
 * @param groups figures with their units and formulas
 * @param ready what to look at before it is rolled
 * @param heights buttons that bring the camera to a usual height
 * @param fields everything that can be set in place
 */
record ShotPanel(
        FrameView frame,
        List<FindingView> findings,
        List<Caution> cautions,
        String depthBar,
        List<ShotFigures.Group> groups,
        List<String> ready,
        List<Height> heights,
        FieldView bearing,
        List<FieldView> fields) {

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
                DepthBarSvg.render(
                        numbers.stand().distanceM(),
                        numbers.depth().nearM(),
                        numbers.depth().farM(),
                        numbers.stand().distanceM()
                                + verdict.plan().spotOf(action).backdropM(),
                        "What is sharp along the line of sight"),
                ShotFigures.of(verdict.plan(), shot, numbers),
                ReadyChecks.of(verdict.plan(), shot),
                heights(shot, numbers.stand()),
                FieldView.bearing(shot, "bearingDeg", "Bearing"),
                fields(verdict.plan(), shot));
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
        if (shot.move().moving()) {
            fields.add(FieldView.number(shot, "moveM", "Moves", "m"));
            fields.add(FieldView.number(shot, "turnDeg", "Turns", "°"));
            fields.add(FieldView.choice(shot, "reason", "Reason"));
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
                FieldView.number(shot, "shutterPerS", "Shutter 1/", "s"),
                FieldView.number(shot, "iso", "ISO", ""),
                FieldView.number(shot, "holdS", "Hold", "s"),
                FieldView.number(shot, "takes", "Takes", ""),
                FieldView.choice(shot, "priority", "Need"),
                FieldView.choice(shot, "frameUse", "Subject"),
                FieldView.choice(shot, "viewpoint", "Viewpoint"),
                FieldView.number(shot, "rollDeg", "Tilted", "°"),
                FieldView.number(shot, "ndStops", "ND", "stops"),
                FieldView.number(shot, "dioptrePerM", "Close-up glass", "1/m"),
                FieldView.number(shot, "punchIn", "Punch-in", "×"),
                FieldView.check(shot, "lampsOff", "Lamps off"),
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
