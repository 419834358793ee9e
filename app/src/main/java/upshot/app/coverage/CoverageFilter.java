package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import upshot.app.web.FieldView.Choice;
import upshot.core.coverage.Coverage;
import upshot.core.finding.Wording;
import upshot.core.measure.Labelled;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.WantedLight;
import upshot.core.shot.RaisedCautions;
import upshot.core.verdict.Verdict;

/** Which actions the grid shows; what stands in the address and is empty asks for nothing. */
final class CoverageFilter {

    /**
     * A choice above the grid.
     *
     * @param name of the parameter in the address
     */
    record Select(String name, String label, List<Choice> choices) {}

    /**
     * The row of choices above the grid.
     *
     * @param active whether anything is left out
     * @param shown how many of all actions pass
     */
    record Row(String find, boolean onlyHoles, boolean active, List<Select> selects, long shown, int all) {}

    private final Verdict verdict;
    private final Plan plan;
    private final Map<String, String> parameters;

    CoverageFilter(Verdict verdict, Map<String, String> parameters) {
        this.verdict = verdict;
        this.plan = verdict.plan();
        this.parameters = parameters;
    }

    private String asked(String name) {
        return parameters.getOrDefault(name, "").strip();
    }

    /** Whether anything is left out. */
    boolean active() {
        return Stream.of("holes", "beat", "person", "spot", "hazard", "light", "find")
                .anyMatch(name -> !asked(name).isEmpty());
    }

    Row row() {
        List<Action> actions = plan.actions();
        return new Row(
                find(),
                onlyHoles(),
                active(),
                selects(),
                actions.stream().filter(this::shows).count(),
                actions.size());
    }

    private String find() {
        return asked("find");
    }

    private boolean onlyHoles() {
        return asked("holes").equals("on");
    }

    boolean shows(Action action) {
        return is("beat", action.beatId().toString())
                && is("spot", action.spotId().toString())
                && is("light", action.wantedLight().name())
                && (asked("person").isEmpty() || takesPart(action))
                && (asked("hazard").isEmpty() || endangers(action))
                && (!onlyHoles()
                        || verdict.holes().stream()
                                .anyMatch(hole -> hole.actionId().equals(action.id())))
                && (find().isBlank() || found(action));
    }

    private boolean is(String name, String value) {
        return asked(name).isEmpty() || asked(name).equals(value);
    }

    private boolean takesPart(Action action) {
        return Coverage.performing(plan, action).stream()
                .anyMatch(subject -> subject.id().toString().equals(asked("person")));
    }

    private boolean endangers(Action action) {
        List<Caution> raised = new ArrayList<>(
                action.cautions().and(plan.spotOf(action).hazards()).tags());
        plan.shotsOf(action)
                .forEach(shot -> raised.addAll(RaisedCautions.of(plan, shot).tags()));
        return raised.stream().anyMatch(caution -> caution.name().equals(asked("hazard")));
    }

    /** Every word has to stand somewhere in what the action or one of its shots says. */
    private boolean found(Action action) {
        List<String> said = new ArrayList<>(
                List.of(action.name(), action.thing(), plan.spotOf(action).name(), action.sound()));
        Coverage.performing(plan, action).stream().map(Subject::name).forEach(said::add);
        for (Shot shot : plan.shotsOf(action)) {
            said.addAll(List.of(
                    shot.code(),
                    shot.note(),
                    shot.size().label(),
                    Wording.number(shot.focalLengthMm(), 0) + " mm",
                    shot.support().label()));
        }
        String text = String.join("\n", said).toLowerCase(Locale.ROOT);
        return Arrays.stream(find().toLowerCase(Locale.ROOT).split("\\s+")).allMatch(text::contains);
    }

    private List<Select> selects() {
        return List.of(
                select("beat", "Beat", records(plan.beats())),
                select("person", "Who", records(plan.subjects())),
                select("spot", "Spot", records(plan.spots())),
                select("hazard", "Hazard", constants(Caution.values())),
                select("light", "Light", constants(WantedLight.values())));
    }

    private Select select(String name, String label, List<Choice> offered) {
        List<Choice> choices =
                new ArrayList<>(List.of(new Choice("", "all", asked(name).isEmpty())));
        offered.forEach(one ->
                choices.add(new Choice(one.value(), one.label(), one.value().equals(asked(name)))));
        return new Select(name, label, choices);
    }

    private static List<Choice> records(List<? extends PlanRecord> records) {
        return records.stream()
                .map(one -> new Choice(one.id().toString(), one.label(), false))
                .toList();
    }

    private static <E extends Enum<E> & Labelled> List<Choice> constants(E[] constants) {
        return Arrays.stream(constants)
                .map(one -> new Choice(one.name(), one.label(), false))
                .toList();
    }
}
