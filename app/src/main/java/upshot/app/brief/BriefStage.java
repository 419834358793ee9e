package upshot.app.brief;

import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.store.KitTemplates;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.Selected;
import upshot.core.brief.DayBand;
import upshot.core.brief.GenericKit;
import upshot.core.finding.Wording;
import upshot.core.plan.Brief;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Walk;
import upshot.core.verdict.Verdict;
import upshot.exchange.svg.DayBandSvg;

/** The Brief: what will happen on the left, the day and everything else in sentences on the right. */
@Component
class BriefStage implements Stage {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    private final KitTemplates templates;

    BriefStage(KitTemplates templates) {
        this.templates = templates;
    }

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

    /** The kits that somebody keeps. */
    @Override
    public String beside(SignedIn who) {
        return templates.findByAccountIdOrderByName(who.id()).stream()
                .map(kit -> kit.id() + kit.name())
                .collect(Collectors.joining());
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    @Override
    public List<String> pieces() {
        return List.of("actions", "day", "blocks");
    }

    /** A generic or kept kit that can be taken. */
    record KitView(String name, String id, String content) {}

    /** A walk between two spots, as it is. */
    record WalkView(String from, String to, String fromId, String toId, String minutes) {}

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Map<String, String> parameters = request.parameters();
        Plan plan = verdict.plan();
        String open = parameters.getOrDefault("open", "");
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("talk", TalkView.of(plan, Selected.of(plan, RecordKind.ACTION, parameters, "action")));
        model.put("beatChoices", TalkView.choices(plan.beats()));
        model.put("beatAsks", plan.beats().stream().map(BriefStage::asks).toList());
        model.put("spotChoices", TalkView.choices(plan.spots()));
        model.put("dayBand", DayBandSvg.render(DayBand.of(plan), spokenDay(plan)));
        model.put("dayFacts", dayFacts(plan.brief()));
        model.put("dayOpen", open.equals("day"));
        model.put("dayFields", BriefFields.day(plan.brief()));
        model.put(
                "coordinates",
                plan.brief().coordinates().map(Coordinates::toString).orElse(""));
        model.put("zone", plan.brief().zone());
        model.put(
                "sunMissing",
                plan.brief().shootDate().isEmpty() || plan.brief().coordinates().isEmpty());
        model.put("blocks", blocks(plan, open));
        String opened = parameters.getOrDefault("record", "");
        openBlock(model, plan, open, opened, request.who());
        return model;
    }

    private static List<BlockView> blocks(Plan plan, String open) {
        return List.of(
                block("delivery", "Delivery", "Change", plan, Sentences::delivery, open),
                block("music", "Music", "Change", plan, Sentences::music, open),
                block("spots", "Spots", "Change", plan, Sentences::spots, open),
                block("kit", "Kit", "Change", plan, Sentences::kit, open),
                block("people", "People and things", "Change", plan, Sentences::people, open),
                block("agenda", "Agenda", "Change", plan, Sentences::agenda, open),
                block("house", "House rules", "Change", plan, Sentences::house, open));
    }

    private static BlockView block(
            String id, String title, String action, Plan plan, Function<Plan, List<String>> sentences, String open) {
        return new BlockView(id, title, action, sentences.apply(plan), id.equals(open));
    }

    private void openBlock(Map<String, Object> model, Plan plan, String open, String opened, SignedIn who) {
        switch (open) {
            case "delivery" -> model.put("deliveryFields", BriefFields.delivery(plan.brief()));
            case "music" -> {
                model.put("musicFields", BriefFields.music(plan.brief()));
                model.put("voices", BriefFields.voices(plan, opened));
                model.put("marked", !plan.list(RecordKind.TEMPO).isEmpty());
            }
            case "spots" -> {
                model.put("spots", BriefFields.spots(plan, opened));
                model.put("walks", walks(plan));
            }
            case "agenda" -> model.put("moments", BriefFields.moments(plan, opened));
            case "people" -> {
                model.put("people", PeopleFields.people(plan, opened));
                model.put("restChoices", PeopleFields.canRest(plan));
            }
            case "kit" -> kit(model, plan, opened, who);
            case "house" -> model.put("house", HouseView.of(plan));
            default -> {
                // Everything is closed, and nothing more is needed.
            }
        }
    }

    private void kit(Map<String, Object> model, Plan plan, String opened, SignedIn who) {
        model.put("bodies", KitFields.bodies(plan, opened));
        model.put("glass", KitFields.glass(plan, opened));
        model.put("supports", KitFields.supports(plan, opened));
        model.put(
                "bodyChoices",
                plan.bodies().stream()
                        .map(body -> new Choice(body.id().toString(), body.name(), false))
                        .toList());
        model.put(
                "genericKits",
                Arrays.stream(GenericKit.values())
                        .map(kit -> new KitView(kit.label(), kit.name(), kit.content()))
                        .toList());
        model.put(
                "keptKits",
                templates.findByAccountIdOrderByName(who.id()).stream()
                        .map(kit -> new KitView(kit.name(), kit.id().toString(), "kept by you"))
                        .toList());
    }

    private static List<WalkView> walks(Plan plan) {
        return plan.list(RecordKind.WALK).stream().map(walk -> walk(plan, walk)).toList();
    }

    private static WalkView walk(Plan plan, Walk walk) {
        Spot from = plan.get(RecordKind.SPOT, walk.fromSpotId());
        Spot to = plan.get(RecordKind.SPOT, walk.toSpotId());
        return new WalkView(
                from.name(), to.name(), from.id().toString(), to.id().toString(), Wording.number(walk.minutes(), 1));
    }

    private static String dayFacts(Brief brief) {
        String date = brief.shootDate().map(DAY::format).orElse("no date yet");
        String where = brief.coordinates()
                .map(place -> ", " + place.label())
                .orElse(brief.place().isEmpty() ? "" : ", " + brief.place());
        return date + where;
    }

    private static String spokenDay(Plan plan) {
        DayBand band = DayBand.of(plan);
        String sun = band.sun().isEmpty()
                ? ""
                : ", the sun is " + Sentences.sun(band.sun().get(0));
        String bars =
                String.join(", ", band.bars().stream().map(DayBand.Bar::name).toList());
        return "The day on the clock: %s%s".formatted(bars, sun);
    }

    /** What to ask whoever one talks with. */
    private static String asks(StoryBeat beat) {
        return switch (beat.role()) {
            case OPENING -> "How does it begin?";
            case BODY -> "What happens?";
            case ENDING -> "How does it end?";
        };
    }
}
