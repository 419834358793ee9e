package upshot.app.day;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.web.FrameView;
import upshot.core.finding.Say;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Brief;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.RaisedCautions;
import upshot.core.verdict.Verdict;

/** The day as a list of setups, against the cut they serve. */
@Component
class DayStage implements Stage {

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
    public List<String> pieces() {
        return List.of("order", "panel");
    }

    /**
     * A row of the day: a setup, or time that is not spent shooting.
     *
     * @param number of the setup, empty for other time
     * @param kit support, lens and rate
     * @param shots the frames taken here
     */
    record Row(
            String from,
            String to,
            String minutes,
            String number,
            String name,
            String kit,
            boolean fixed,
            List<FrameView> shots,
            boolean chosen) {}

    /** The panel of a setup. */
    record SetupPanel(
            String number,
            String name,
            String facts,
            List<FrameView> shots,
            List<Caution> cautions,
            String why,
            List<Minutes> minutes) {}

    /** A line of a setup's minutes. */
    record Minutes(String label, String value) {}

    @Override
    public Map<String, Object> model(Verdict verdict, Map<String, String> parameters, SignedIn who) {
        Brief brief = verdict.plan().brief();
        DayPlan day = verdict.day();
        Optional<DayPlan.Slot> chosen = chosen(day, parameters.getOrDefault("setup", ""));
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("dateNote", dateNote(brief));
        model.put("rows", rows(verdict, chosen));
        model.put("dropped", day.dropped().stream().map(DayPlan.Dropped::why).toList());
        model.put("empty", day.slots().isEmpty() && day.dropped().isEmpty());
        model.put("setup", chosen.map(slot -> panel(verdict, slot)).orElse(null));
        model.put("ribbons", Ribbons.of(verdict, chosen));
        return model;
    }

    private static Optional<DayPlan.Slot> chosen(DayPlan day, String number) {
        return day.slots().stream()
                .filter(slot -> Integer.toString(slot.number()).equals(number))
                .findFirst();
    }

    private static String dateNote(Brief brief) {
        String hours = "call %s, wrap %s".formatted(brief.callTime(), brief.wrapTime());
        return brief.shootDate()
                .map(date -> date.format(DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH)) + ", " + hours)
                .orElse(hours);
    }

    private static List<Row> rows(Verdict verdict, Optional<DayPlan.Slot> chosen) {
        DayPlan day = verdict.day();
        Brief brief = verdict.plan().brief();
        List<Row> rows = new ArrayList<>();
        rows.add(other(brief, 0, day.talkMin(), "Arrive, unload, safety talk"));
        int now = day.talkMin();
        for (DayPlan.Slot slot : day.slots()) {
            if (slot.startMin() > now) {
                rows.add(other(brief, now, slot.startMin(), "Free, or wait"));
            }
            rows.add(row(verdict, slot, chosen.filter(slot::equals).isPresent()));
            now = Math.max(now, slot.endMin());
        }
        if (now < brief.dayMinutes()) {
            rows.add(other(brief, now, brief.dayMinutes(), "Free until the wrap"));
        }
        return rows;
    }

    private static Row other(Brief brief, int from, int to, String name) {
        return new Row(clock(brief, from), clock(brief, to), to - from + " min", "", name, "", false, List.of(), false);
    }

    private static Row row(Verdict verdict, DayPlan.Slot slot, boolean chosen) {
        Brief brief = verdict.plan().brief();
        return new Row(
                clock(brief, slot.startMin()),
                clock(brief, slot.endMin()),
                slot.endMin() - slot.startMin() + " min",
                Integer.toString(slot.number()),
                name(slot.setup()),
                kit(slot.setup()),
                slot.fixed(),
                frames(verdict, slot),
                chosen);
    }

    private static List<FrameView> frames(Verdict verdict, DayPlan.Slot slot) {
        return slot.setup().shots().stream()
                .map(shot -> FrameView.of(verdict, shot))
                .toList();
    }

    private static String name(Setup setup) {
        return "%s, %s".formatted(setup.spot().name(), setup.action().name());
    }

    private static List<Caution> cautions(Plan plan, Setup setup) {
        return setup.shots().stream()
                .map(shot -> RaisedCautions.of(plan, shot))
                .reduce(Cautions.NONE, Cautions::and)
                .tags();
    }

    private static String kit(Setup setup) {
        Shot shot = setup.first();
        return "%s, %s mm, bearing %s, %s fps"
                .formatted(
                        shot.support().label(),
                        Say.number(shot.focalLengthMm(), 0),
                        Say.degrees(shot.bearingDeg()),
                        shot.captureRate().label());
    }

    private static String clock(Brief brief, int minutesAfterCall) {
        return brief.callTime().plusMinutes(minutesAfterCall).toString();
    }

    private static SetupPanel panel(Verdict verdict, DayPlan.Slot slot) {
        Brief brief = verdict.plan().brief();
        return new SetupPanel(
                Integer.toString(slot.number()),
                name(slot.setup()),
                "%s to %s, %s".formatted(clock(brief, slot.startMin()), clock(brief, slot.endMin()), kit(slot.setup())),
                frames(verdict, slot),
                cautions(verdict.plan(), slot.setup()),
                slot.why(),
                slot.items().stream()
                        .map(item -> new Minutes(item.label(), Say.number(item.minutes(), 1)))
                        .toList());
    }
}
