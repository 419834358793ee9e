package upshot.app.roll;

import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import upshot.core.coverage.Coverage;
import upshot.core.measure.Labelled;
import upshot.core.order.DayPlan;
import upshot.core.plan.Brief;
import upshot.core.plan.Consent;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.roll.LoggedDay;
import upshot.core.roll.RetakeReason;
import upshot.core.size.SizeClass;
import upshot.core.verdict.Verdict;
import upshot.day.DayNumbers;
import upshot.day.Minute;
import upshot.day.Pause;
import upshot.day.log.LogNumbers;
import upshot.day.log.LogState;
import upshot.day.log.LogTable;
import upshot.day.log.What;
import upshot.exchange.ground.SmallPlan;

/**
 * The day as a phone takes it along: everything that Roll shows, in one download. Setups, shots, people and cameras are
 * spoken of by their places in these lists, as the log's numbers do.
 *
 * @param shape which numbers it is made of: a phone that kept another fetches the day anew
 * @param version of the plan that it was made from
 * @param zone the clock of the place, empty where it is not known
 * @param table the day as numbers, for the state that follows from the log
 * @param problem the day's numbers, for what is left to be ordered anew; none where more than one crew shoots
 * @param callMs when the crew is called, milliseconds since 1970
 * @param pauses of the plan
 * @param whats what entries say, as the log's numbers count them
 * @param statuses of shots, likewise
 * @param plans of the spots that are drawn
 */
record PhoneDay(
        int shape,
        long version,
        String name,
        String date,
        String zone,
        String call,
        String wrap,
        double wrapMs,
        double[] table,
        List<Stop> setups,
        List<PhoneShot> shots,
        List<Person> people,
        List<Named> bodies,
        List<Named> actions,
        List<String> moments,
        List<Choice> reasons,
        List<Choice> sizes,
        List<Choice> consents,
        double[] problem,
        double callMs,
        List<Rested> pauses,
        List<String> whats,
        List<String> statuses,
        List<SmallPlan> plans) {

    /** Counted on whenever the table or the problem has other numbers; phone.js knows it too. */
    private static final int SHAPE = 2;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);

    /** Something with an id and a name. */
    record Named(String id, String name) {}

    /**
     * One of a few words.
     *
     * @param name as it stands in the log
     * @param more what prevents it, for a reason; empty otherwise
     */
    record Choice(String name, String label, String more) {}

    /**
     * @param hours when they are wanted, "15:45 to 16:36"
     */
    record Person(String id, String name, String hours, boolean consentOpen, boolean refused) {}

    /**
     * A setup.
     *
     * @param from clock time, empty for what did not fit
     * @param at the moment that decides, clock time; empty where none does
     * @param readyMs when getting ready begins, milliseconds since 1970; 0 while there is no date
     * @param rollMs when it rolls, likewise
     * @param note what is to be known of it in a few words
     * @param carry what has to be done to be ready
     * @param people their places
     * @param shots their places
     * @param index its place in the problem
     */
    record Stop(
            int number,
            String spot,
            String action,
            String from,
            String to,
            String at,
            double readyMs,
            double rollMs,
            boolean once,
            String note,
            String carry,
            boolean quiet,
            List<Care> cautions,
            List<String> checks,
            List<Integer> people,
            List<Integer> shots,
            int index,
            Missed loss) {}

    /**
     * What the cut loses without a setup.
     *
     * @param standIns places of shots that could be cut in instead, the likest first; none where nothing is missed
     */
    record Missed(String words, List<Integer> standIns, boolean missed) {}

    /** A pause of the plan, milliseconds since 1970. */
    record Rested(boolean meal, double untilMs) {}

    /** What is usual where somebody could be hurt. */
    record Care(String label, String care) {}

    static PhoneDay of(Verdict verdict, long version) {
        LoggedDay day = LoggedDay.of(verdict.plan(), verdict.day());
        Plan plan = day.plan();
        Brief brief = plan.brief();
        LogTable table = day.table();
        PhoneStops stops = new PhoneStops(verdict, day, table);
        return new PhoneDay(
                SHAPE,
                version,
                brief.name(),
                brief.shootDate().map(DAY::format).orElse("No date yet"),
                brief.zone(),
                brief.callTime().toString(),
                brief.wrapTime().toString(),
                ms(brief, brief.dayMinutes()),
                LogNumbers.write(table, List.of(), 0),
                IntStream.range(0, day.stops().size())
                        .mapToObj(place -> stops.of(place))
                        .toList(),
                IntStream.range(0, day.shots().size())
                        .mapToObj(place -> PhoneShot.of(
                                verdict, day.shots().get(place), table.shots().get(place)))
                        .toList(),
                people(day),
                named(day.bodies()),
                named(plan.actions()),
                plan.<Moment>list(RecordKind.MOMENT).stream()
                        .map(moment -> "%s %s".formatted(moment.startTime(), moment.name()))
                        .toList(),
                Arrays.stream(RetakeReason.values())
                        .map(reason -> new Choice(reason.name(), reason.label(), reason.prevention()))
                        .toList(),
                choices(SizeClass.values()),
                choices(Consent.values()),
                day.day().shoot().crews().size() == 1
                        ? DayNumbers.write(day.day().shoot().problem())
                        : new double[0],
                ms(brief, 0),
                pauses(day),
                names(What.values()),
                names(LogState.Status.values()),
                SmallPlan.of(verdict));
    }

    private static List<Named> named(List<? extends PlanRecord> records) {
        return records.stream()
                .map(record -> new Named(record.id().toString(), record.label()))
                .toList();
    }

    private static double ms(Brief brief, int minutes) {
        return brief.instantAt(minutes).map(at -> (double) at.toEpochMilli()).orElse(0.0);
    }

    private static List<Rested> pauses(LoggedDay day) {
        return day.day().slots().stream()
                .flatMap(slot -> slot.state().pauses().stream())
                .map(pause -> new Rested(
                        pause.kind() == Pause.Kind.MEAL, ms(day.plan().brief(), pause.untilMin())))
                .toList();
    }

    private static List<String> names(Enum<?>[] all) {
        return Arrays.stream(all).map(Enum::name).toList();
    }

    private static <E extends Enum<E> & Labelled> List<Choice> choices(E[] all) {
        return Arrays.stream(all)
                .map(one -> new Choice(one.name(), one.label(), ""))
                .toList();
    }

    static String clock(LoggedDay day, Minute minute) {
        return day.day().clock(minute).toString();
    }

    private static List<Person> people(LoggedDay day) {
        return day.people().stream()
                .map(person -> {
                    List<DayPlan.Slot> slots = day.stops().stream()
                            .filter(stop -> Coverage.performing(
                                            day.plan(), stop.setup().action())
                                    .contains(person))
                            .flatMap(stop -> stop.slot().stream())
                            .toList();
                    String hours = slots.isEmpty()
                            ? ""
                            : "%s to %s"
                                    .formatted(
                                            clock(day, slots.get(0).times().gettingReady()),
                                            clock(
                                                    day,
                                                    slots.get(slots.size() - 1)
                                                            .times()
                                                            .end()));
                    return new Person(
                            person.id().toString(),
                            person.name(),
                            hours,
                            person.consent() == Consent.OPEN,
                            person.consent() == Consent.REFUSED);
                })
                .toList();
    }
}
