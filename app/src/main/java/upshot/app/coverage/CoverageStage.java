package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.web.FrameView;
import upshot.app.web.Selected;
import upshot.core.coverage.Hole;
import upshot.core.coverage.View;
import upshot.core.coverage.Wishes;
import upshot.core.finding.Say;
import upshot.core.plan.Action;
import upshot.core.plan.Beat;
import upshot.core.plan.Caution;
import upshot.core.plan.Kind;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;
import upshot.core.size.SizeClass;
import upshot.core.verdict.Verdict;

/** The grid of shots and holes, with the panel of the selected shot. */
@Component
class CoverageStage implements Stage {

    @Override
    public int digit() {
        return 2;
    }

    @Override
    public String slug() {
        return "coverage";
    }

    @Override
    public String title() {
        return "Coverage";
    }

    @Override
    public List<String> pieces() {
        return List.of("fill", "grid", "panel");
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    /** A beat with its actions and what the edit wishes of it. */
    record BeatView(String name, List<WishView> wishes, List<ActionRow> actions) {}

    /** What the edit wishes for, met or not. */
    record WishView(String sentence, boolean open) {}

    /**
     * A hole as a button.
     *
     * @param label what is missing, without its size
     * @param view the view's name, which the button sends
     */
    record HoleView(String label, String view, String misses) {}

    /**
     * An action across the three classes.
     *
     * @param facts in one quiet line
     * @param footage usable seconds by seconds in the cut, "–" when it is not in the cut
     */
    record ActionRow(
            String id,
            String name,
            String facts,
            List<String> tags,
            List<Caution> cautions,
            List<Cell> cells,
            String footage) {}

    /**
     * The shots of one class.
     *
     * @param holes what the edit misses
     * @param optional true where nothing is asked
     */
    record Cell(String sizeClass, List<FrameView> frames, List<HoleView> holes, boolean optional) {}

    @Override
    public Map<String, Object> model(Verdict verdict, Map<String, String> parameters, SignedIn who) {
        Plan plan = verdict.plan();
        Optional<Shot> selected = Selected.of(plan, Kind.SHOT, parameters, "shot");
        Map<String, Object> model = new LinkedHashMap<>();
        model.put(
                "beats", plan.beats().stream().map(beat -> beat(verdict, beat)).toList());
        model.put("school", plan.house().coverage().label());
        model.put(
                "cutaways",
                Wishes.cutaways(plan).stream().map(Wishes.Wish::sentence).collect(Collectors.joining(", ")));
        model.put("upright", plan.brief().aspect().ratio() < 1);
        model.put("noActions", plan.actions().isEmpty());
        model.put("holeCount", verdict.holes().size());
        model.put("selectedId", selected.map(shot -> shot.id().toString()).orElse(""));
        model.put("shot", selected.map(shot -> ShotPanel.of(verdict, shot)).orElse(null));
        return model;
    }

    private static BeatView beat(Verdict verdict, Beat beat) {
        return new BeatView(
                beat.name(),
                Wishes.of(verdict.plan(), beat).stream()
                        .map(wish -> new WishView(wish.sentence(), wish.open()))
                        .toList(),
                verdict.plan().actionsOf(beat).stream()
                        .map(action -> row(verdict, action))
                        .toList());
    }

    private static ActionRow row(Verdict verdict, Action action) {
        return new ActionRow(
                action.id().toString(),
                action.name(),
                facts(verdict.plan(), action),
                tags(action),
                action.cautions().tags(),
                Arrays.stream(SizeClass.values())
                        .map(sizeClass -> cell(verdict, action, sizeClass))
                        .toList(),
                footage(verdict, action));
    }

    private static Cell cell(Verdict verdict, Action action, SizeClass sizeClass) {
        List<FrameView> frames = verdict.plan().shotsOf(action).stream()
                .filter(shot -> shot.size().sizeClass() == sizeClass)
                .map(shot -> FrameView.of(verdict, shot))
                .toList();
        List<HoleView> holes = verdict.holes().stream()
                .filter(one -> one.actionId().equals(action.id()) && one.sizeClass() == sizeClass)
                .map(one -> new HoleView(label(one), one.view().name(), one.misses()))
                .toList();
        return new Cell(sizeClass.label(), frames, holes, frames.isEmpty() && holes.isEmpty());
    }

    private static String label(Hole hole) {
        return hole.view() == View.ANY ? hole.sizeClass().label() : hole.view().label();
    }

    private static String facts(Plan plan, Action action) {
        List<String> facts = new ArrayList<>();
        if (action.feature()) {
            facts.add("place or thing");
        } else {
            facts.add(plan.subjectOf(action).name());
            facts.add(Say.number(action.durationS(), 1) + " s");
        }
        if (action.line() == Line.TRAVEL) {
            facts.add(action.side().label());
        }
        return String.join(", ", facts);
    }

    private static List<String> tags(Action action) {
        List<String> tags = new ArrayList<>();
        action.fixedTime().ifPresent(time -> tags.add("at " + time));
        if (action.once()) {
            tags.add("once");
        }
        if (action.messy()) {
            tags.add("messy");
        }
        return tags;
    }

    private static String footage(Verdict verdict, Action action) {
        List<ShotNumbers> numbers = verdict.plan().shotsOf(action).stream()
                .map(shot -> verdict.numbers().get(shot.id()))
                .toList();
        double inCut = numbers.stream().mapToDouble(ShotNumbers::screenS).sum();
        double usable = numbers.stream().mapToDouble(ShotNumbers::usableScreenS).sum();
        return inCut == 0 ? "–" : Say.number(usable / inCut, 1) + "×";
    }
}
