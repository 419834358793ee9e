package upshot.app.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.Press;
import upshot.app.web.ToggleView;
import upshot.core.ground.Glass;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ReadyChecks;
import upshot.core.shot.ShotNumbers;
import upshot.core.size.Size;
import upshot.core.verdict.Verdict;

/**
 * Everything about one shot, for its own page.
 *
 * @param figures with their units and formulas, in groups
 * @param ready what to look at before it is rolled
 * @param rows sizes, lenses and rates as rows of buttons
 * @param cameraUp how high the camera stands
 * @param decided the rest of what is decided about every shot
 * @param further what is set more rarely, in groups that open
 * @param devices how it is composed
 * @param ownCautions what this shot alone raises
 * @param targets where its setup can be copied to
 * @param twoMoves whether it can be split by its moves
 * @param still the hash of its reference picture, empty for none
 * @param noStill what takes the picture away
 * @param before the shot before it in story order, if there is one
 * @param after the shot after it
 */
record WholeShot(
        List<ShotFigures.Group> figures,
        List<String> ready,
        List<Segments> rows,
        FieldView cameraUp,
        List<FieldView> decided,
        List<ShotFields.Group> further,
        List<ToggleView> devices,
        List<ToggleView> ownCautions,
        List<Choice> targets,
        boolean twoMoves,
        String still,
        Press noStill,
        Optional<Shot> before,
        Optional<Shot> after) {

    static WholeShot of(Verdict verdict, Shot shot) {
        Plan plan = verdict.plan();
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        List<Shot> told = plan.shotsAsTold();
        int place = told.indexOf(shot);
        return new WholeShot(
                ShotFigures.of(plan, shot, numbers),
                ReadyChecks.of(plan, shot),
                rows(plan, shot),
                FieldView.number(shot, "cameraHeightM", "Camera up", "m"),
                ShotFields.decided(shot),
                ShotFields.further(plan, shot),
                ToggleView.devices(shot, "devices"),
                ToggleView.cautions(shot, "cautions"),
                targets(plan, shot),
                shot.move().moving() && shot.alsoMove().moving(),
                shot.still(),
                Press.change(Change.edit(shot, one -> one.withStill(""))),
                place > 0 ? Optional.of(told.get(place - 1)) : Optional.empty(),
                place + 1 < told.size() ? Optional.of(told.get(place + 1)) : Optional.empty());
    }

    private static List<Segments> rows(Plan plan, Shot shot) {
        return List.of(
                Segments.of(shot, "Size", ShotFields.sizes(shot), Size::label, shot.size(), Shot::withSize),
                Segments.of(
                        shot,
                        "Lens",
                        Glass.settings(plan)
                                .map(Glass.Setting::focalLengthMm)
                                .distinct()
                                .sorted(),
                        focal -> focal == Math.rint(focal) ? Long.toString(Math.round(focal)) : focal.toString(),
                        shot.focalLengthMm(),
                        Shot::withFocalLengthMm),
                Segments.of(
                        shot,
                        "Rate",
                        ShotFields.rates(plan),
                        rate -> rate.label(),
                        shot.captureRate(),
                        Shot::withCaptureRate));
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
}
