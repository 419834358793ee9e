package upshot.app.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Stage;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.Selected;
import upshot.core.finding.Say;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Beat;
import upshot.core.plan.Brief;
import upshot.core.plan.Caution;
import upshot.core.plan.Kind;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.size.SubjectKind;
import upshot.core.verdict.Verdict;

/** The Brief: actions on the left, in the order in which they are told, delivery, day and spots on the right. */
@Component
class BriefStage implements Stage {

    @Override
    public int digit() {
        return 1;
    }

    @Override
    public String slug() {
        return "brief";
    }

    @Override
    public String title() {
        return "Brief";
    }

    @Override
    public List<String> pieces() {
        return List.of("actions", "delivery", "day", "spots");
    }

    /** A beat with its actions. */
    record BeatView(String id, String name, List<ActionView> actions) {}

    /**
     * An action of the list.
     *
     * @param length of one go, empty for a feature
     * @param tags plain facts about it
     * @param cautions what can hurt
     * @param fields what can be changed when it is open; empty when it is closed
     */
    record ActionView(
            String id,
            int number,
            String name,
            String length,
            List<String> tags,
            List<Caution> cautions,
            List<FieldView> fields) {}

    /** A spot with its controls. */
    record SpotView(String id, String name, String facts, List<FieldView> fields, boolean removable) {}

    @Override
    public Map<String, Object> model(Verdict verdict, Map<String, String> parameters) {
        Plan plan = verdict.plan();
        Optional<Action> open = Selected.of(plan, Kind.ACTION, parameters, "action");
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("beats", beats(plan, open));
        model.put("noActions", plan.actions().isEmpty());
        model.put("beatChoices", choices(plan.beats()));
        model.put("spotChoices", choices(plan.spots()));
        model.put("subjectNames", plan.subjects().stream().map(Subject::name).toList());
        model.put("deliveryFields", deliveryFields(plan.brief()));
        model.put("dayFields", dayFields(plan.brief()));
        model.put("promoFacts", promoFacts(plan.brief()));
        model.put("spots", plan.spots().stream().map(spot -> spot(plan, spot)).toList());
        return model;
    }

    private static List<Choice> choices(List<? extends PlanRecord> records) {
        return records.stream()
                .map(one -> new Choice(one.id().toString(), one.label(), false))
                .toList();
    }

    private static List<BeatView> beats(Plan plan, Optional<Action> open) {
        List<BeatView> beats = new ArrayList<>();
        int number = 0;
        for (Beat beat : plan.beats()) {
            List<ActionView> actions = new ArrayList<>();
            for (Action action : plan.actionsOf(beat)) {
                number++;
                actions.add(
                        action(plan, action, number, open.filter(action::equals).isPresent()));
            }
            beats.add(new BeatView(beat.id().toString(), beat.name(), actions));
        }
        return beats;
    }

    private static ActionView action(Plan plan, Action action, int number, boolean open) {
        return new ActionView(
                action.id().toString(),
                number,
                action.name(),
                action.feature() ? "–" : Say.number(action.durationS(), 1) + " s",
                tags(plan, action),
                action.cautions().tags(),
                open ? fields(plan, action) : List.of());
    }

    private static List<String> tags(Plan plan, Action action) {
        List<String> tags = new ArrayList<>();
        tags.add(action.feature() ? "place or thing" : plan.subjectOf(action).name());
        tags.add(plan.spotOf(action).name());
        action.fixedTime().ifPresent(time -> tags.add("at " + time));
        if (!action.feature()) {
            tags.add(action.once() ? "once only" : repeats(action));
        }
        if (action.line() != Line.NONE) {
            tags.add("%s %s".formatted(action.line().label(), action.side().label()));
        }
        if (action.messy()) {
            tags.add("messy");
        }
        if (action.hasThing()) {
            tags.add("shows the " + action.thing());
        }
        return tags;
    }

    private static String repeats(Action action) {
        return action.resetMin() > 0 ? "repeats, %s min reset".formatted(Say.number(action.resetMin(), 1)) : "repeats";
    }

    private static List<FieldView> fields(Plan plan, Action action) {
        Subject subject = plan.subjectOf(action);
        List<FieldView> fields = new ArrayList<>(List.of(
                FieldView.text(action, "name", "What happens"),
                FieldView.oneOf(action, "beatId", "Beat", "", choices(plan.beats())),
                FieldView.oneOf(action, "spotId", "Spot", "", choices(plan.spots())),
                FieldView.oneOf(action, "subjectId", "Who or what", "", choices(plan.subjects())),
                FieldView.choice(subject, "kind", "Is a"),
                FieldView.number(subject, "heightM", "Height of " + subject.name(), "m")));
        if (subject.kind() == SubjectKind.PERSON) {
            fields.add(FieldView.choice(action, "posture", "Posture"));
        } else {
            fields.add(FieldView.number(subject, "widthM", "Width", "m"));
            fields.add(FieldView.number(subject, "lengthM", "Length", "m"));
        }
        fields.addAll(List.of(
                FieldView.number(action, "durationS", "Takes", "s"),
                FieldView.number(action, "resetMin", "Reset", "min"),
                FieldView.time(action, "fixedTime", "At, if fixed"),
                FieldView.choice(action, "line", "Direction"),
                FieldView.choice(action, "side", "On screen"),
                FieldView.text(action, "thing", "Thing to show"),
                FieldView.number(action, "thingHeightM", "Thing's height", "m"),
                FieldView.number(action, "thingBaseM", "Above the floor", "m"),
                FieldView.check(action, "once", "Once only"),
                FieldView.check(action, "messy", "Messy"),
                FieldView.check(action, "feature", "Nothing happens: a place or thing")));
        return fields;
    }

    private static List<FieldView> deliveryFields(Brief brief) {
        return List.of(
                FieldView.text(brief, "name", "Job"),
                FieldView.number(brief, "lengthS", "Promo", "s"),
                FieldView.oneOf(
                        brief,
                        "rate",
                        "Frame rate",
                        "fps",
                        same("23.976", "24", "25", "29.97", "30", "50", "59.94", "60")),
                FieldView.oneOf(brief, "aspect", "Shape", "", same("16:9", "9:16", "1:1", "4:5", "2.39:1")),
                FieldView.number(brief, "tempoBpm", "Tempo, if any", "bpm"));
    }

    /** Choices whose value is what {@code toString} of the field's type gives back. */
    private static List<Choice> same(String... labels) {
        return Arrays.stream(labels)
                .map(label -> new Choice(exact(label), label, false))
                .toList();
    }

    private static String exact(String label) {
        return label.contains(":") ? label : FrameRate.parse(label).toString();
    }

    private static List<FieldView> dayFields(Brief brief) {
        return List.of(
                FieldView.date(brief, "shootDate", "Date"),
                FieldView.time(brief, "callTime", "Call"),
                FieldView.time(brief, "wrapTime", "Wrap"),
                FieldView.text(brief, "place", "Place"));
    }

    private static String promoFacts(Brief brief) {
        String frames = "%d frames".formatted(brief.lengthFrames());
        return brief.tempoBpm()
                .map(bpm -> "%s, %s bars of four".formatted(frames, Say.number(brief.lengthS() * bpm / 240, 1)))
                .orElse(frames);
    }

    private static SpotView spot(Plan plan, Spot spot) {
        boolean used =
                plan.actions().stream().anyMatch(action -> action.spotId().equals(spot.id()));
        return new SpotView(
                spot.id().toString(),
                spot.name(),
                "%s, %s to stand back, background %s behind"
                        .formatted(
                                spot.outdoors() ? "outdoors" : "indoors",
                                Say.metres(spot.roomM()),
                                Say.metres(spot.backdropM())),
                List.of(
                        FieldView.text(spot, "name", "Name"),
                        FieldView.number(spot, "roomM", "Room to stand back", "m"),
                        FieldView.number(spot, "backdropM", "Background behind", "m"),
                        FieldView.check(spot, "outdoors", "Outdoors")),
                !used && plan.spots().size() > 1);
    }
}
