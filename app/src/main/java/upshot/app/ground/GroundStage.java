package upshot.app.ground;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.web.Selected;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.MovedStand;
import upshot.core.ground.Place;
import upshot.core.light.SunAt;
import upshot.core.plan.Action;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Stretch;
import upshot.core.shot.OnTheGround;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.Look;
import upshot.exchange.ground.PlanDrawing;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanSvg;
import upshot.exchange.ground.ScoutingSheet;

/** A spot from above: what stands there, where things happen, where cameras stand and what is said against that. */
@Component
class GroundStage implements Stage {

    /** In the place of a spot: all of them. */
    private static final String SITE = "site";

    @Override
    public int digit() {
        return 4;
    }

    @Override
    public String slug() {
        return "ground";
    }

    @Override
    public String title() {
        return "Ground";
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    @Override
    public List<String> pieces() {
        return List.of("ground-head", "ground-plan", "ground-panel", "ground-list");
    }

    /** While a camera is dragged the drawing follows by itself. */
    @Override
    public List<String> livePieces() {
        return List.of("ground-panel");
    }

    /** A spot to look at. */
    record SpotChoice(String id, String name, boolean chosen, int against, String said) {}

    /** Something to put on the plan. */
    record Choice(String what, String label) {}

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Plan plan = verdict.plan();
        Map<String, String> parameters = request.parameters();
        boolean site = parameters.getOrDefault("spot", "").equals(SITE);
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("site", site);
        if (site) {
            model.put("spots", choices(verdict, Optional.empty()));
            SiteView.into(model, plan, parameters.getOrDefault("thing", ""));
        } else {
            spot(model, verdict, request);
        }
        return model;
    }

    private static void spot(Map<String, Object> model, Verdict verdict, StageRequest request) {
        Plan plan = verdict.plan();
        Map<String, String> parameters = request.parameters();
        Optional<Shot> chosen = Selected.of(plan, RecordKind.SHOT, parameters, "shot");
        Spot spot = spot(plan, parameters, chosen);
        Optional<Shot> shown =
                chosen.filter(shot -> plan.spotOf(plan.actionOf(shot)).equals(spot));
        SunView view = SunView.of(verdict, spot, shown, parameters);
        Optional<SunAt> sun = view.sun();
        FloorPlan floor = FloorPlan.of(plan, spot);
        PlanDrawing plotted = new PlanDrawing(verdict, spot);
        Drawing drawing = plotted.drawing(new Look(shown, sun, view.setUp()));
        model.put("spots", choices(verdict, Optional.of(spot)));
        model.put("spotId", spot.id().toString());
        model.put("spotName", spot.name());
        model.put(
                "facts",
                "%s × %s m, %d m a square"
                        .formatted(
                                Wording.number(floor.wideM(), 1), Wording.number(floor.deepM(), 1), plotted.squareM()));
        model.put(
                "drawn",
                PlanSvg.page(
                        drawing,
                        "Plan of %s. Everything on it is in the list below, with its measures.".formatted(spot.name()),
                        "/jobs/%s/stills/".formatted(request.jobId())));
        model.put("stands", drawing.stands());
        model.put("sun", view);
        model.put("hasSun", sun.isPresent());
        model.put("keep", keep(parameters).name());
        model.put("groups", new PlanList(plan, spot, parameters.getOrDefault("thing", "")).groups());
        model.put(
                "drawnFloor",
                plan.list(RecordKind.CORNER).stream()
                        .anyMatch(one -> one.spotId().equals(spot.id())));
        model.put(
                "shelf",
                Arrays.stream(AddToPlan.Shelf.values())
                        .map(one -> new Choice(one.name(), one.label()))
                        .toList());
        model.put(
                "openings",
                Arrays.stream(Stretch.Kind.values())
                        .map(one -> new Choice(one.name(), one.label()))
                        .toList());
        model.put("scales", ScoutingSheet.SCALES);
        model.put("unplaced", unplaced(plan, spot));
        model.put("panel", shown.map(shot -> StandPanel.of(verdict, shot, view)).orElse(null));
        model.put("roomDiffers", roomDiffers(plan, spot));
    }

    private static List<SpotChoice> choices(Verdict verdict, Optional<Spot> chosen) {
        List<SpotChoice> choices = new ArrayList<>();
        verdict.plan().spots().forEach(one -> choices.add(choice(verdict, one, chosen)));
        if (choices.size() > 1) {
            choices.add(new SpotChoice(SITE, "Site", chosen.isEmpty(), 0, ""));
        }
        return choices;
    }

    private static Spot spot(Plan plan, Map<String, String> parameters, Optional<Shot> chosen) {
        return Selected.of(plan, RecordKind.SPOT, parameters, "spot")
                .or(() -> chosen.map(shot -> plan.spotOf(plan.actionOf(shot))))
                .or(() -> plan.spots().stream()
                        .filter(one -> FloorPlan.of(plan, one).drawn())
                        .findFirst())
                .orElseGet(() -> plan.spots().get(0));
    }

    static MovedStand keep(Map<String, String> parameters) {
        return parameters.getOrDefault("keep", "").equals(MovedStand.KEEPS_LENS.name())
                ? MovedStand.KEEPS_LENS
                : MovedStand.KEEPS_SIZE;
    }

    private static SpotChoice choice(Verdict verdict, Spot one, Optional<Spot> chosen) {
        Plan plan = verdict.plan();
        int against = (int) plan.actions().stream()
                .filter(action -> action.spotId().equals(one.id()))
                .flatMap(action -> plan.shotsOf(action).stream())
                .filter(shot -> Verdict.status(OnTheGround.of(plan, shot, verdict.findingsOf(shot))) == Status.BREAK)
                .count();
        return new SpotChoice(
                one.id().toString(),
                one.name(),
                chosen.filter(one::equals).isPresent(),
                against,
                against == 0 ? "" : "%s that cannot be taken from there".formatted(Wording.count(against, "picture")));
    }

    /**
     * An action that is not on the plan.
     *
     * @param across where it would be put, in the middle of the floor
     */
    record Unplaced(String id, String name, double across, double deep) {}

    private static List<Unplaced> unplaced(Plan plan, Spot spot) {
        return plan.actions().stream()
                .filter(action -> action.spotId().equals(spot.id())
                        && Place.of(plan, action).isEmpty())
                .map(action -> unplaced(
                        action, AddToPlan.middle(FloorPlan.of(plan, spot).outline())))
                .toList();
    }

    private static Unplaced unplaced(Action action, Corner middle) {
        return new Unplaced(action.id().toString(), action.name(), middle.acrossM(), middle.deepM());
    }

    /** What was typed as free room stays; where the plan gives less, it is said. */
    private static String roomDiffers(Plan plan, Spot spot) {
        FloorPlan floor = FloorPlan.of(plan, spot);
        return floor.drawn() && spot.roomM() > floor.longestM()
                ? "The Brief gives %s to stand back; the plan is %s at its longest."
                        .formatted(Wording.metres(spot.roomM()), Wording.metres(floor.longestM()))
                : "";
    }
}
