package upshot.app.demo;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.roll.RestOfDay;
import upshot.core.roll.RetakeReason;
import upshot.core.shot.RaisedCautions;
import upshot.core.size.SizeClass;
import upshot.day.log.LogState;
import upshot.day.log.LogTable;
import upshot.day.log.What;

/**
 * What a crew would have logged on a day: it follows its plan, what will not wait comes late, a take fails, something good
 * happens, and what is left is ordered anew. The same plan gives the same day.
 */
final class Evening {

    private static final long SECOND_MS = 1000;
    private static final long MINUTE_MS = 60 * SECOND_MS;
    private static final long LATE_MS = 22 * MINUTE_MS;
    /** What it takes to look at a take. */
    private static final long LOOK_MS = 7 * SECOND_MS;

    private static final long BEFORE_AGAIN_MS = 25 * SECOND_MS;
    private static final int CHANGES = 20_000;
    private static final int MOST_STEPS = 500;

    private final LoggedDay day;
    private final LogTable table;
    private final SpokenDay crew;
    private boolean saidLate;
    private boolean failed;
    private boolean extra;
    private boolean anew;

    private Evening(LoggedDay day) {
        this.day = day;
        this.table = day.table();
        this.crew = new SpokenDay(
                day,
                day.plan()
                        .brief()
                        .instantAt(0)
                        .orElseThrow(() -> new IllegalArgumentException("A day without a date cannot be played"))
                        .toEpochMilli());
    }

    /** Everything that is logged, in the order in which it is said. */
    static List<LogEntry> of(LoggedDay day) {
        Evening evening = new Evening(day);
        for (int step = 0; step < MOST_STEPS; step++) {
            LogState state = evening.crew.state();
            if (state.next() < 0) {
                return evening.crew.entries();
            }
            evening.next(state, state.next());
        }
        throw new IllegalStateException("The day does not come to an end");
    }

    private void next(LogState state, int stop) {
        Setup setup = day.stops().get(stop).setup();
        boolean comesLate = comesLate(setup);
        long due = dueMs(state, stop);
        if (due == 0) {
            letGo(setup);
            return;
        }
        if (comesLate && !saidLate) {
            saidLate = true;
            crew.await(due);
            crew.line("%s is %d minutes late.".formatted(setup.action().name(), LATE_MS / MINUTE_MS));
        }
        crew.await(comesLate ? due + LATE_MS : due);
        List<Setup> together = together(stop);
        together.forEach(this::before);
        for (int shot = 0; shot < setup.shots().size(); shot++) {
            int place = shot;
            takes(together.stream()
                    .flatMap(one -> one.shots().stream().skip(place).limit(1))
                    .toList());
        }
        if (saidLate && !anew && !nextComesLate()) {
            anew = true;
            orderAnew();
        }
    }

    private boolean nextComesLate() {
        int next = crew.state().next();
        return next >= 0 && comesLate(day.stops().get(next).setup());
    }

    /** The first thing that happens once, and whatever else happens once at the same spot. */
    private boolean comesLate(Setup setup) {
        return once(setup)
                && day.stops().stream()
                        .map(LoggedDay.Stop::setup)
                        .filter(Evening::once)
                        .findFirst()
                        .filter(first -> first.spot().equals(setup.spot()))
                        .isPresent();
    }

    private static boolean once(Setup setup) {
        return setup.action().fixedTime().isPresent() && setup.action().once();
    }

    /** Setups that several cameras shoot at one time. */
    private List<Setup> together(int stop) {
        LoggedDay.Stop one = day.stops().get(stop);
        Optional<?> times = one.slot().map(DayPlan.Slot::times);
        return day.stops().stream()
                .filter(other -> other.setup().action().equals(one.setup().action())
                        && other.slot().map(DayPlan.Slot::times).equals(times))
                .map(LoggedDay.Stop::setup)
                .limit(Math.max(1, day.bodies().size()))
                .toList();
    }

    /** When it should roll, by the newest order or by the plan; 0 for never. */
    private long dueMs(LogState state, int stop) {
        if (state.orders().isEmpty()) {
            return (long) table.setups().get(stop).rollMs();
        }
        int newest = state.orders().get(state.orders().size() - 1);
        UUID first = day.stops().get(stop).setup().first().id();
        return new DayLog(day, crew.entries())
                .entries().get(newest).turns().stream()
                        .filter(turn -> turn.about().equals(first))
                        .mapToLong(LogEntry.Turn::rollMs)
                        .findFirst()
                        .orElse(0);
    }

    private void before(Setup setup) {
        Optional<UUID> first = Optional.of(setup.first().id());
        boolean dangerous = setup.shots().stream()
                .anyMatch(shot -> !RaisedCautions.of(day.plan(), shot).tags().isEmpty());
        if (dangerous) {
            crew.say(What.READ, Optional.empty(), first);
        }
        for (String check : day.checks(stopOf(setup.first().id()))) {
            crew.pass(SECOND_MS);
            crew.detail(What.CHECK, Optional.empty(), first, check);
        }
    }

    private void takes(List<Shot> shots) {
        if (anew && !failed) {
            failed = true;
            UUID bad = roll(What.ROLL, shots).get(0);
            crew.detail(What.AGAIN, Optional.of(bad), Optional.empty(), RetakeReason.FOCUS.name());
            crew.pass(BEFORE_AGAIN_MS);
        }
        if (failed && !extra) {
            extra = true;
            UUID good = roll(What.EXTRA, shots.subList(0, 1)).get(0);
            crew.say(What.KEEP, Optional.of(good), Optional.empty());
            crew.detail(What.NAMED, Optional.of(good), Optional.of(shots.get(0).actionId()), SizeClass.DETAIL.name());
            crew.pass(BEFORE_AGAIN_MS);
        }
        for (UUID take : roll(What.ROLL, shots)) {
            crew.say(What.KEEP, Optional.of(take), Optional.empty());
        }
        crew.pass(BEFORE_AGAIN_MS);
    }

    private List<UUID> roll(What what, List<Shot> shots) {
        List<UUID> takes = crew.roll(what, shots);
        crew.pass(LOOK_MS);
        return takes;
    }

    private void orderAnew() {
        RestOfDay.of(day, crew.state(), crew.nowMs(), 1, CHANGES)
                .filter(rest -> !rest.turns().isEmpty())
                .ifPresent(rest -> {
                    crew.order(rest.turns());
                    rest.letGo()
                            .forEach(first ->
                                    letGo(day.stops().get(stopOf(first)).setup()));
                });
    }

    private int stopOf(UUID shot) {
        for (int place = 0; place < day.shots().size(); place++) {
            if (day.shots().get(place).id().equals(shot)) {
                return table.shots().get(place).setup();
            }
        }
        throw new IllegalArgumentException("No shot of this day");
    }

    private void letGo(Setup setup) {
        setup.shots().forEach(shot -> crew.say(What.LET_GO, Optional.empty(), Optional.of(shot.id())));
    }
}
