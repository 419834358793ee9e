package upshot.core.roll;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.coverage.Coverage;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Body;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.shot.ReadyChecks;
import upshot.core.shot.ShotNumbers;
import upshot.core.time.Hold;
import upshot.day.DaySetup;
import upshot.day.Minute;
import upshot.day.Windows;
import upshot.day.log.LogTable;

/**
 * The day that a log is held against: its setups in the order of the plan, behind them what did not fit, and everything in
 * lists, so that a log can speak of it in numbers. What somebody let go is not in it.
 */
public final class LoggedDay {

    private final Plan plan;
    private final DayPlan day;
    private final List<Stop> stops;
    private final List<List<String>> checks;

    /**
     * A setup of the day.
     *
     * @param slot its time; none for what did not fit
     */
    public record Stop(Setup setup, Optional<DayPlan.Slot> slot) {}

    private LoggedDay(Plan plan, DayPlan day) {
        this.plan = plan;
        this.day = day;
        this.stops = Stream.concat(
                        day.slots().stream()
                                .sorted(Comparator.comparing(
                                        slot -> slot.times().gettingReady()))
                                .map(slot -> new Stop(slot.setup(), Optional.of(slot))),
                        day.dropped().stream().map(dropped -> new Stop(dropped.setup(), Optional.empty())))
                .toList();
        this.checks = stops.stream().map(stop -> checks(stop.setup())).toList();
    }

    /** A plan and its order. */
    public static LoggedDay of(Plan plan, DayPlan day) {
        return new LoggedDay(plan, day);
    }

    public Plan plan() {
        return plan;
    }

    public DayPlan day() {
        return day;
    }

    public List<Stop> stops() {
        return stops;
    }

    /** All shots of the plan. */
    public List<Shot> shots() {
        return plan.shots();
    }

    /** Everybody who may stand in front of a camera. */
    public List<Subject> people() {
        return day.shoot().people();
    }

    public List<Body> bodies() {
        return plan.bodies();
    }

    /**
     * What is looked at before a setup rolls: what its shots need, each once.
     *
     * @param stop its place
     */
    public List<String> checks(int stop) {
        return checks.get(stop);
    }

    private List<String> checks(Setup setup) {
        return setup.shots().stream()
                .flatMap(shot -> ReadyChecks.before(plan, shot).stream())
                .distinct()
                .toList();
    }

    /** The day as numbers. */
    public LogTable table() {
        Map<UUID, Integer> setups = new HashMap<>();
        for (int setup = 0; setup < stops.size(); setup++) {
            for (Shot shot : stops.get(setup).setup().shots()) {
                setups.put(shot.id(), setup);
            }
        }
        List<LogTable.Shot> shots = new ArrayList<>();
        for (Shot shot : shots()) {
            shots.add(shot(shot, setups.getOrDefault(shot.id(), -1)));
        }
        return new LogTable(shots, stops.stream().map(this::setup).toList(), people().size());
    }

    private LogTable.Shot shot(Shot shot, int setup) {
        Hold hold = ShotNumbers.of(plan, shot).hold();
        double lost = setup < 0 ? 0 : lostAfterMs(stops.get(setup));
        boolean ofPeople =
                setup >= 0 && stops.get(setup).setup().action().fixedTime().isPresent();
        return new LogTable.Shot(setup, hold.settleS(), Setup.ZOOM_S, hold.usedS(), hold.cleanS(), lost, ofPeople);
    }

    private LogTable.Setup setup(Stop stop) {
        List<Integer> people = Coverage.performing(plan, stop.setup().action()).stream()
                .map(people()::indexOf)
                .filter(person -> person >= 0)
                .toList();
        return new LogTable.Setup(
                stop.slot().map(slot -> ms(slot.times().gettingReady())).orElse(0.0),
                stop.slot().map(slot -> ms(slot.times().roll())).orElse(0.0),
                stop.slot().map(slot -> ms(slot.times().end())).orElse(0.0),
                people);
    }

    /** When a moment is over, or the last of the hours in which a setup can be shot. */
    private double lostAfterMs(Stop stop) {
        int index = day.shoot().setups().indexOf(stop.setup());
        if (index < 0) {
            return 0;
        }
        DaySetup numbers = day.shoot().problem().setup(index);
        int crew = stop.slot().map(slot -> slot.crew().index()).orElse(0);
        Windows hours = numbers.windows().get(crew);
        if (numbers.fixed().isPresent()) {
            double lastsMin = stop.setup().action().durationS() / 60;
            return ms(new Minute((int) Math.ceil(numbers.fixed().get().atMin() + lastsMin)));
        }
        return hours.bounded() && !hours.spans().isEmpty()
                ? ms(new Minute(hours.spans().get(hours.spans().size() - 1).untilMin()))
                : 0;
    }

    private double ms(Minute minute) {
        return plan.brief()
                .instantAt(minute.afterCall())
                .map(Instant::toEpochMilli)
                .orElse(0L);
    }
}
