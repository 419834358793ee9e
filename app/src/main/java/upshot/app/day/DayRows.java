package upshot.app.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.app.web.FrameView;
import upshot.core.finding.Wording;
import upshot.core.light.SunDay;
import upshot.core.order.Crew;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Brief;
import upshot.core.plan.Moment;
import upshot.core.plan.RecordKind;
import upshot.core.verdict.Verdict;
import upshot.day.Pause;

/** The day of a crew as rows by the clock: setups, what lies between them, and the agenda. */
final class DayRows {

    private final Verdict verdict;
    private final Brief brief;
    private final Crew crew;
    private final Optional<DayLight> light;
    private final Optional<DayPlan.Slot> chosen;
    private final List<Row> rows = new ArrayList<>();

    /**
     * A row of the day: a setup, time that is not spent shooting, or a moment of the agenda.
     *
     * @param sort "setup", "other", "moment" or "light"
     * @param fromMin after the brief's call
     * @param id of the setup's first shot, empty for other rows
     * @param number of the setup, empty for other rows
     * @param place among the setups of its crew, 0 for the first
     * @param kit support, lens and rate
     * @param shots the frames taken here
     * @param notes light and people, a few words each
     * @param strip the light while it lasts, null where nothing is known of it
     */
    record Row(
            String sort,
            int fromMin,
            String from,
            String to,
            String minutes,
            String id,
            String number,
            int place,
            String name,
            String kit,
            boolean fixed,
            boolean pinned,
            List<FrameView> shots,
            List<String> notes,
            DayLight.Strip strip,
            boolean chosen) {}

    /**
     * What one crew does.
     *
     * @param id of the further shift, empty for the brief's own crew
     * @param name empty for the only crew
     * @param when the day and the cameras
     * @param wrap clock time
     * @param moments that do not wait, once each
     */
    record CrewDay(
            int index, String id, String name, String when, String wrap, List<FixedMoment> moments, List<Row> rows) {}

    /**
     * A moment that does not wait.
     *
     * @param at clock time
     * @param id of the first shot of a setup that takes it
     */
    record FixedMoment(String at, String name, String id) {}

    private DayRows(Verdict verdict, Crew crew, Optional<DayPlan.Slot> chosen) {
        this.verdict = verdict;
        this.brief = verdict.plan().brief();
        this.crew = crew;
        this.light = SunDay.of(brief).map(sun -> new DayLight(sun, crew));
        this.chosen = chosen;
    }

    static List<CrewDay> of(Verdict verdict, Optional<DayPlan.Slot> chosen) {
        List<Crew> crews = verdict.day().shoot().crews();
        return crews.stream()
                .map(crew -> new CrewDay(
                        crew.index(),
                        crew.shiftId().map(UUID::toString).orElse(""),
                        crews.size() == 1 ? "" : crew.name().isEmpty() ? "First crew" : crew.name(),
                        when(crew),
                        clock(verdict.plan().brief(), crew.wrapMin()),
                        moments(verdict, crew),
                        new DayRows(verdict, crew, chosen).all()))
                .toList();
    }

    private static String when(Crew crew) {
        String day = crew.dayOffset() == 0
                ? "the same day"
                : crew.dayOffset() == 1 ? "the day after" : crew.dayOffset() + " days later";
        return "%s, %d %s".formatted(day, crew.cameras(), crew.cameras() == 1 ? "camera" : "cameras");
    }

    private static List<FixedMoment> moments(Verdict verdict, Crew crew) {
        return verdict.day().slotsOf(crew).stream()
                .filter(slot -> slot.fixed() && !slot.state().rollsAlong())
                .map(slot -> new FixedMoment(
                        verdict.day().clock(slot.times().roll()).toString(),
                        slot.setup().action().name(),
                        slot.setup().first().id().toString()))
                .toList();
    }

    private List<Row> all() {
        int now = crew.callMin() + verdict.day().talk().afterCall();
        other(crew.callMin(), now, "Arrive, unload, safety talk");
        int place = 0;
        for (DayPlan.Slot slot : verdict.day().slotsOf(crew)) {
            if (!slot.state().rollsAlong()) {
                for (Pause pause : slot.state().pauses()) {
                    free(now, pause.fromMin());
                    other(pause.fromMin(), pause.untilMin(), pause.kind().label());
                    now = pause.untilMin();
                }
            }
            free(now, slot.times().gettingReady().afterCall());
            rows.add(setup(slot, place));
            place++;
            now = Math.max(now, slot.times().end().afterCall());
        }
        other(now, crew.wrapMin(), "Free until the wrap");
        light.ifPresent(known -> known.changes().forEach(this::light));
        if (crew.index() == 0) {
            agenda();
        }
        return rows;
    }

    private void free(int from, int until) {
        other(from, until, "Free, or wait");
    }

    private void other(int from, int until, String name) {
        if (until > from) {
            rows.add(plain("other", from, until, until - from + " min", name));
        }
    }

    private Row plain(String sort, int from, int until, String minutes, String name) {
        return new Row(
                sort,
                from,
                clock(brief, from),
                clock(brief, until),
                minutes,
                "",
                "",
                0,
                name,
                "",
                false,
                false,
                List.of(),
                List.of(),
                strip(from, until),
                false);
    }

    private DayLight.Strip strip(int from, int until) {
        return light.map(known -> known.strip(from, until)).orElse(null);
    }

    private void light(DayLight.Change change) {
        String until = change.untilMin() < crew.wrapMin() ? " until " + clock(brief, change.untilMin()) : "";
        put(plain("light", change.fromMin(), change.fromMin(), "", change.name() + until));
    }

    private void agenda() {
        verdict.plan().<Moment>list(RecordKind.MOMENT).stream()
                .filter(moment -> moment.date().isEmpty() || moment.date().equals(brief.shootDate()))
                .filter(moment -> minute(moment) <= brief.dayMinutes())
                .sorted(Comparator.comparingInt(this::minute))
                .forEach(moment -> {
                    String lasts = moment.durationMin() > 0 ? Wording.number(moment.durationMin(), 0) + " min" : "";
                    put(plain("moment", minute(moment), minute(moment), lasts, moment.name()));
                });
    }

    /** What happens beside the shooting stands before the first row that begins after it. */
    private void put(Row row) {
        int at = 0;
        while (at < rows.size() && rows.get(at).fromMin() <= row.fromMin()) {
            at++;
        }
        rows.add(at, row);
    }

    private int minute(Moment moment) {
        return brief.minutesAfterCall(moment.startTime());
    }

    private Row setup(DayPlan.Slot slot, int place) {
        UUID id = slot.setup().first().id();
        return new Row(
                "setup",
                slot.times().gettingReady().afterCall(),
                verdict.day().clock(slot.times().gettingReady()).toString(),
                verdict.day().clock(slot.times().end()).toString(),
                slot.minutes() + " min",
                id.toString(),
                Integer.toString(slot.number()),
                place,
                name(slot.setup()),
                kit(slot.setup()),
                slot.fixed(),
                slot.pinned(),
                slot.setup().shots().stream()
                        .map(shot -> FrameView.undrawn(verdict, shot))
                        .toList(),
                new SlotNotes(verdict, light).of(slot),
                strip(
                        slot.times().gettingReady().afterCall(),
                        slot.times().end().afterCall()),
                chosen.filter(one -> one.setup().equals(slot.setup())).isPresent());
    }

    static String name(Setup setup) {
        return "%s, %s".formatted(setup.spot().name(), setup.action().name());
    }

    static String kit(Setup setup) {
        String focals = setup.shots().stream()
                .map(shot -> Wording.number(shot.focalLengthMm(), 0))
                .distinct()
                .reduce((one, other) -> one + " and " + other)
                .orElseThrow();
        return "%s, %s mm, from %s, %s fps"
                .formatted(
                        setup.support().label(),
                        focals,
                        Wording.place(setup.first().bearingDeg()),
                        setup.first().captureRate().label());
    }

    static String clock(Brief brief, int minutesAfterCall) {
        return brief.clockAt(minutesAfterCall).toString();
    }
}
