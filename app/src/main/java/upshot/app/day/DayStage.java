package upshot.app.day;

import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.core.finding.Wording;
import upshot.core.order.DayPlan;
import upshot.core.order.NotFitting;
import upshot.core.order.Setup;
import upshot.core.order.Whys;
import upshot.core.plan.Brief;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.shot.RaisedCautions;
import upshot.core.size.SubjectKind;
import upshot.core.verdict.TwoCameraMatch;
import upshot.core.verdict.Verdict;

/** The day as a list of setups, against the cut they serve. */
@Component
class DayStage implements Stage {

    private final DayOffers offers;

    DayStage(DayOffers offers) {
        this.offers = offers;
    }

    @Override
    public int digit() {
        return 5;
    }

    @Override
    public String slug() {
        return "day";
    }

    @Override
    public String title() {
        return "Day";
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    @Override
    public List<String> pieces() {
        return List.of("order", "panel", "must-give");
    }

    /**
     * The panel of a setup.
     *
     * @param id of its first shot
     * @param place among the setups of its crew
     * @param last whether no setup of its crew follows
     * @param why sentences
     * @param notEarlier another, on what an earlier place would break or cost
     * @param next what would go if the day runs late
     * @param crews that it could be given to, empty where there is one crew
     */
    record SetupPanel(
            String id,
            String number,
            int place,
            boolean last,
            String name,
            String facts,
            boolean fixed,
            boolean pinned,
            List<FrameView> shots,
            List<Caution> cautions,
            List<FindingView> findings,
            List<String> why,
            String notEarlier,
            List<Minutes> minutes,
            List<LossView> next,
            List<CrewChoice> crews) {}

    /** A line of a setup's minutes. */
    record Minutes(String label, String value) {}

    /** Another crew. */
    record CrewChoice(int index, String name) {}

    /** A setup that somebody let go. */
    record Gone(String id, String code) {}

    /** Somebody who may have to leave. */
    record PersonChoice(String id, String name) {}

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Map<String, String> parameters = request.parameters();
        Plan plan = verdict.plan();
        DayPlan day = verdict.day();
        Optional<DayPlan.Slot> chosen = chosen(day, parameters.getOrDefault("setup", ""));
        List<Gone> gone = LetGo.gone(plan).stream()
                .map(turn -> plan.get(RecordKind.SHOT, turn.shotId()))
                .map(shot -> new Gone(shot.id().toString(), shot.code()))
                .toList();
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("dateNote", dateNote(plan.brief()));
        model.put("crewDays", DayRows.of(verdict, chosen));
        model.put("dropped", LossView.dropped(verdict));
        model.put("droppedOthers", NotFitting.of(plan, day).othersInWords().orElse(""));
        model.put("clash", ClashView.of(verdict));
        model.put("gone", gone);
        DayOffers.Offers offered = offers.of(plan, day);
        model.put("laterWrap", offered.laterWrap());
        model.put("laterCall", offered.laterCall());
        model.put("written", plan.list(RecordKind.TURN).stream().anyMatch(turn -> !turn.letGo()));
        model.put("empty", day.slots().isEmpty() && day.dropped().isEmpty() && gone.isEmpty());
        model.put("setup", chosen.map(slot -> panel(verdict, slot)).orElse(null));
        model.put("ribbons", Ribbons.of(verdict, chosen));
        model.put(
                "people",
                plan.subjects().stream()
                        .filter(subject -> subject.kind() == SubjectKind.PERSON)
                        .map(subject -> new PersonChoice(subject.id().toString(), subject.name()))
                        .toList());
        return model;
    }

    private static Optional<DayPlan.Slot> chosen(DayPlan day, String shotId) {
        return day.slots().stream()
                .filter(slot -> slot.setup().shots().stream()
                        .anyMatch(shot -> shot.id().toString().equals(shotId)))
                .findFirst();
    }

    private static String dateNote(Brief brief) {
        String hours = "call %s, wrap %s".formatted(brief.callTime(), brief.wrapTime());
        return brief.shootDate()
                .map(date -> date.format(DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH)) + ", " + hours)
                .orElse(hours);
    }

    private static List<Caution> cautions(Plan plan, Setup setup) {
        return setup.shots().stream()
                .map(shot -> RaisedCautions.of(plan, shot))
                .reduce(Cautions.NONE, Cautions::and)
                .tags();
    }

    private static SetupPanel panel(Verdict verdict, DayPlan.Slot slot) {
        DayPlan day = verdict.day();
        Setup setup = slot.setup();
        Whys words = new Whys(day);
        List<DayPlan.Slot> own = day.slotsOf(slot.crew());
        int place = own.indexOf(slot);
        return new SetupPanel(
                setup.first().id().toString(),
                Integer.toString(slot.number()),
                place,
                place == own.size() - 1,
                DayRows.name(setup),
                "%s to %s, %s"
                        .formatted(
                                day.clock(slot.times().gettingReady()),
                                day.clock(slot.times().end()),
                                DayRows.kit(setup)),
                slot.fixed(),
                slot.pinned(),
                setup.shots().stream().map(shot -> FrameView.of(verdict, shot)).toList(),
                cautions(verdict.plan(), setup),
                TwoCameraMatch.of(verdict, slot).stream().map(FindingView::of).toList(),
                words.of(slot),
                words.notEarlier(slot),
                words.minutes(slot).stream()
                        .map(item -> new Minutes(item.label(), Wording.number(item.minutes(), 1)))
                        .toList(),
                LossView.next(verdict),
                crews(day, slot));
    }

    private static List<CrewChoice> crews(DayPlan day, DayPlan.Slot slot) {
        return day.shoot().crews().stream()
                .filter(crew -> crew != slot.crew())
                .map(crew -> new CrewChoice(crew.index(), crew.name().isEmpty() ? "the first crew" : crew.name()))
                .toList();
    }
}
