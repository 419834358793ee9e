package upshot.app.day;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upshot.app.web.FrameView;
import upshot.core.coverage.Coverage;
import upshot.core.finding.Wording;
import upshot.core.light.SunDay;
import upshot.core.order.DayPlan;
import upshot.core.order.NotFitting;
import upshot.core.order.SpentMinutes;
import upshot.core.order.Whys;
import upshot.core.plan.Brief;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.WantedLight;
import upshot.core.shot.RaisedCautions;
import upshot.core.size.SubjectKind;
import upshot.core.verdict.Verdict;
import upshot.day.Minute;
import upshot.exchange.ground.SmallPlan;

/**
 * The day on paper, for everybody who comes.
 *
 * @param date and place in one line
 * @param times call, talk, wrap
 * @param sun what the light does, a line each; empty where place or date are not known
 * @param people when each is wanted
 * @param moments of the agenda
 * @param dropped what the day has no room for
 * @param cautions all that any setup raises, with who decides
 * @param plans of the spots that are drawn
 */
record CallSheet(
        String name,
        String date,
        String times,
        List<String> sun,
        List<Call> people,
        List<String> moments,
        List<Stop> stops,
        List<String> dropped,
        List<Caution> cautions,
        List<SmallPlan> plans,
        boolean upright) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    /** When somebody is wanted, and where. */
    record Call(String who, String hours, String where) {}

    /**
     * A setup.
     *
     * @param carry what to bring and change before it
     * @param people who takes part
     * @param light wanted, empty for any
     * @param cautions in words, empty for none
     */
    record Stop(
            int number,
            String from,
            String to,
            String spot,
            String action,
            boolean fixed,
            String kit,
            String carry,
            String people,
            String light,
            String cautions,
            List<Take> takes) {}

    /** A shot of a setup. */
    record Take(FrameView frame, String roll) {}

    /**
     * @param frame draws a shot for where the sheet is read
     */
    static CallSheet of(Verdict verdict, BiFunction<Verdict, Shot, FrameView> frame) {
        Plan plan = verdict.plan();
        Brief brief = plan.brief();
        DayPlan day = verdict.day();
        Cautions raised = day.slots().stream()
                .flatMap(slot -> slot.setup().shots().stream())
                .map(shot -> RaisedCautions.of(plan, shot))
                .reduce(Cautions.NONE, Cautions::and);
        return new CallSheet(
                brief.name(),
                date(brief),
                "Call %s, unloading and safety talk until %s, wrap %s"
                        .formatted(brief.callTime(), day.clock(day.talk()), brief.wrapTime()),
                sun(brief),
                people(plan, day),
                plan.<Moment>list(RecordKind.MOMENT).stream()
                        .map(CallSheet::said)
                        .toList(),
                IntStream.range(0, day.slots().size())
                        .mapToObj(place -> stop(verdict, place, frame))
                        .toList(),
                NotFitting.of(plan, day).inWords(),
                raised.tags(),
                SmallPlan.of(verdict),
                brief.aspect().ratio() < 1);
    }

    private static String date(Brief brief) {
        String place = brief.place().isEmpty() ? "" : ", " + brief.place();
        return brief.shootDate().map(DAY::format).orElse("No date yet") + place;
    }

    private static List<String> sun(Brief brief) {
        return SunDay.of(brief).stream()
                .flatMap(sun -> List.of(
                        windows(brief, "Sun above the horizon", sun.up()),
                        windows(brief, "Golden", sun.golden()),
                        windows(brief, "Dark", sun.dark()))
                        .stream())
                .filter(line -> !line.isEmpty())
                .toList();
    }

    private static String windows(Brief brief, String what, List<SunDay.Window> windows) {
        return windows.isEmpty()
                ? ""
                : windows.stream()
                        .map(window -> "%s to %s"
                                .formatted(
                                        CLOCK.format(window.from().atZone(brief.clock())),
                                        CLOCK.format(window.until().atZone(brief.clock()))))
                        .collect(Collectors.joining(", ", what + " ", ""));
    }

    private static List<Call> people(Plan plan, DayPlan day) {
        List<Call> calls = new ArrayList<>();
        for (Subject subject : plan.subjects()) {
            List<DayPlan.Slot> slots = day.slots().stream()
                    .filter(slot -> subject.kind() == SubjectKind.PERSON
                            && Coverage.performing(plan, slot.setup().action()).contains(subject))
                    .toList();
            if (!slots.isEmpty()) {
                Minute last = slots.stream()
                        .map(slot -> slot.times().end())
                        .max(Comparator.naturalOrder())
                        .orElseThrow();
                calls.add(new Call(
                        subject.name(),
                        Stream.concat(
                                        Stream.of("%s to %s"
                                                .formatted(
                                                        day.clock(slots.get(0)
                                                                .times()
                                                                .gettingReady()),
                                                        day.clock(last))),
                                        rests(plan, subject))
                                .collect(Collectors.joining(", ")),
                        slots.stream()
                                .map(slot -> slot.setup().spot().name())
                                .distinct()
                                .collect(Collectors.joining(", "))));
            }
        }
        return calls;
    }

    private static Stream<String> rests(Plan plan, Subject subject) {
        return plan.restsOf(subject).stream()
                .map(rest -> "rests %s for %s min".formatted(rest.startTime(), Wording.number(rest.durationMin(), 0)));
    }

    private static String said(Moment moment) {
        return "%s %s, %s min".formatted(moment.startTime(), moment.name(), Wording.number(moment.durationMin(), 0));
    }

    private static Stop stop(Verdict verdict, int place, BiFunction<Verdict, Shot, FrameView> frame) {
        Plan plan = verdict.plan();
        DayPlan.Slot slot = verdict.day().slots().get(place);
        Shot first = slot.setup().first();
        Cautions cautions = slot.setup().shots().stream()
                .map(shot -> RaisedCautions.of(plan, shot))
                .reduce(Cautions.NONE, Cautions::and);
        WantedLight light = slot.setup().action().wantedLight();
        return new Stop(
                slot.number(),
                verdict.day().clock(slot.times().gettingReady()).toString(),
                verdict.day().clock(slot.times().end()).toString(),
                crew(slot) + slot.setup().spot().name(),
                slot.setup().action().name(),
                slot.fixed(),
                "%s, %s mm, %s fps"
                        .formatted(
                                first.support().label(),
                                Wording.number(first.focalLengthMm(), 0),
                                first.captureRate().label()),
                new Whys(verdict.day())
                        .gettingReady(slot).stream().map(SpentMinutes::label).collect(Collectors.joining(", ")),
                Coverage.performing(plan, slot.setup().action()).stream()
                        .map(Subject::name)
                        .collect(Collectors.joining(", ")),
                light == WantedLight.ANY ? "" : light.label(),
                cautions.tags().stream().map(Caution::label).collect(Collectors.joining(", ")),
                slot.setup().shots().stream()
                        .map(shot -> take(verdict, shot, frame.apply(verdict, shot)))
                        .toList());
    }

    /** Which day or unit, where it is not the brief's own. */
    private static String crew(DayPlan.Slot slot) {
        String name = slot.crew().name();
        return name.isEmpty() ? "" : name + ": ";
    }

    private static Take take(Verdict verdict, Shot shot, FrameView frame) {
        double hold = verdict.numbers().get(shot.id()).hold().cleanS();
        return new Take(frame, "%d × %s s clean".formatted(shot.takes(), Wording.number(hold, 0)));
    }
}
