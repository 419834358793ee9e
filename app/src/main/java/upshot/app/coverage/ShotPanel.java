package upshot.app.coverage;

import java.util.ArrayList;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.app.web.Press;
import upshot.app.web.ToggleView;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.RaisedCautions;
import upshot.core.shot.ReadyChecks;
import upshot.core.shot.ShotNumbers;
import upshot.core.size.CameraHeight;
import upshot.core.size.Extent;
import upshot.core.verdict.Verdict;
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
 * @param devices how it is composed
 * @param ownCautions what this shot alone raises
 * @param targets where its setup can be copied to
 * @param twoMoves whether it can be split by its moves
 * @param still the hash of its reference picture, empty for none
 * @param noStill what takes the picture away
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
        List<FieldView> fields,
        List<ToggleView> devices,
        List<ToggleView> ownCautions,
        List<Choice> targets,
        boolean twoMoves,
        String still,
        Press noStill) {

    /**
     * A usual height.
     *
     * @param chosen whether the camera is there now
     */
    record Height(String label, Press press, boolean chosen) {}

    static ShotPanel of(Verdict verdict, Shot shot) {
        Action action = verdict.plan().actionOf(shot);
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        return new ShotPanel(
                FrameView.of(verdict, shot),
                verdict.findingsOf(shot).stream()
                        .filter(finding -> finding.status() != Status.CLEAR)
                        .map(FindingView::of)
                        .toList(),
                RaisedCautions.of(verdict.plan(), shot).tags(),
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
                FieldView.bearing(shot, "bearingDeg", "Bearing", Wording.side(shot.bearingDeg())),
                ShotFields.of(verdict.plan(), shot),
                ToggleView.devices(shot, "devices"),
                ToggleView.cautions(shot, "cautions"),
                targets(verdict.plan(), shot),
                shot.move().moving() && shot.alsoMove().moving(),
                shot.still(),
                Press.change(Change.edit(shot, one -> one.withStill(""))));
    }

    private static List<Choice> targets(Plan plan, Shot shot) {
        List<Choice> targets = new ArrayList<>();
        targets.add(new Choice(CopySetup.BEAT, "all others of this beat", false));
        targets.add(new Choice(CopySetup.ALL, "all other actions", false));
        plan.actions().stream()
                .filter(action -> !action.id().equals(shot.actionId()))
                .map(action -> new Choice(action.id().toString(), action.name(), false))
                .forEach(targets::add);
        return targets;
    }

    private static List<Height> heights(Shot shot, Stand stand) {
        Extent extent = stand.extent();
        double aim = stand.framing().aimM();
        double distance = stand.distanceM();
        CameraHeight present = stand.height(shot);
        Height overhead = height(shot, CameraHeight.OVERHEAD, aim + 0.95 * distance, present);
        if (!extent.person() || stand.aim().faceless()) {
            return List.of(
                    height(shot, CameraHeight.LOW, aim - distance * Degrees.sin(15), present),
                    height(shot, CameraHeight.LEVEL, aim, present),
                    height(shot, CameraHeight.RAISED, aim + distance * Degrees.sin(25), present),
                    height(shot, CameraHeight.FROM_45, aim + distance * Degrees.sin(45), present),
                    overhead);
        }
        double tall = extent.topM() - extent.baseM();
        return List.of(
                height(shot, CameraHeight.LOW, extent.baseM() + 0.2 * tall, present),
                height(shot, CameraHeight.WAIST, extent.baseM() + 0.55 * tall, present),
                height(shot, CameraHeight.EYE, extent.eyeLineM(), present),
                height(shot, CameraHeight.HIGH, extent.baseM() + 1.15 * tall, present),
                overhead);
    }

    private static Height height(Shot shot, CameraHeight name, double metres, CameraHeight present) {
        double rounded = Math.max(0.05, Math.min(60, Math.round(metres * 100) / 100.0));
        return new Height(
                name.label(), Press.change(Change.edit(shot, one -> one.withCameraHeightM(rounded))), name == present);
    }
}
