package upshot.app.demo;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
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
 * What a crew would have logged on a day: it follows its plan, what will not wait comes late, a take fails, something
 * good happens, and what is left is ordered anew. The same plan gives the same day.
 */
final class Evening {

    private static final long SECOND_MS = 1000;
    private static final long MINUTE_MS = 60 * SECOND_MS;
    private static final long LATE_MS = 22 * MINUTE_MS;
    /** Rolling on behind what is needed, and what it takes to look at the take. */
    private static final long TAIL_MS = 2 * SECOND_MS;

    private static final long LOOK_MS = 7 * SECOND_MS;
    private static final long BEFORE_AGAIN_MS = 25 * SECOND_MS;
    private static final int CHANGES = 20_000;
    private static final int CLIPS_ON_A_CARD = 12;
    private static final int MOST_STEPS = 500;

    private final LoggedDay day;
    private final LogTable table;
    private final List<LogEntry> entries = new ArrayList<>();
    private int ids;
    private final List<UUID> phones = new ArrayList<>();
    private final UUID desk = id();
    private long nowMs;
    private final int[] clips;
    /** Whose phone speaks. */
    private int camera;

    private boolean saidLate;
    private boolean failed;
    private boolean extra;
    private boolean anew;

    private Evening(LoggedDay day) {
        this.day = day;
        this.table = day.table();
        this.clips = new int[Math.max(1, day.bodies().size())];
        this.nowMs = day.plan()
                .brief()
                .instantAt(0)
                .orElseThrow(() -> new IllegalArgumentException("A day without a date cannot be played"))
                .toEpochMilli();
    }

    /** Everything that is logged, in the order in which it is said. */
    static List<LogEntry> of(LoggedDay day) {
        Evening evening = new Evening(day);
        evening.play();
        return List.copyOf(evening.entries);
    }

    private void play() {
        for (camera = 0; camera < clips.length; camera++) {
            phones.add(id());
            say(What.CLOCK, Optional.empty(), Optional.empty());
        }
        camera = 0;
        for (int step = 0; step < MOST_STEPS; step++) {
            LogState state = state();
            if (state.next() < 0) {
                return;
            }
            next(state, state.next());
        }
        throw new IllegalStateException("The day does not come to an end");
    }

    private LogState state() {
        return new DayLog(day, entries).state(nowMs);
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
            nowMs = Math.max(nowMs, due);
            line("%s is %d minutes late.".formatted(setup.action().name(), LATE_MS / MINUTE_MS));
        }
        nowMs = Math.max(nowMs, comesLate ? due + LATE_MS : due);
        List<Setup> together = together(stop);
        together.forEach(this::before);
        for (int shot = 0; shot < setup.shots().size(); shot++) {
            int place = shot;
            takes(together.stream()
                    .flatMap(one -> one.shots().stream().skip(place).limit(1))
                    .toList());
        }
        if (saidLate && !comesLate(day.stops().get(Math.max(0, state().next())).setup()) && !anew) {
            anew = true;
            orderAnew();
        }
    }

    /** What happens once, and whatever else happens where the first such thing is late. */
    private boolean comesLate(Setup setup) {
        return setup.action().fixedTime().isPresent()
                && setup.action().once()
                && setup.spot()
                        .equals(day.stops().stream()
                                .map(LoggedDay.Stop::setup)
                                .filter(one -> one.action().fixedTime().isPresent()
                                        && one.action().once())
                                .findFirst()
                                .orElseThrow()
                                .spot());
    }

    /** Setups that several cameras shoot at one time. */
    private List<Setup> together(int stop) {
        Setup setup = day.stops().get(stop).setup();
        return day.stops().stream()
                .filter(one -> one.setup().action().equals(setup.action())
                        && one.slot().map(DayPlan.Slot::times).isPresent()
                        && one.slot()
                                .map(DayPlan.Slot::times)
                                .equals(day.stops().get(stop).slot().map(DayPlan.Slot::times)))
                .map(LoggedDay.Stop::setup)
                .limit(day.bodies().size())
                .toList();
    }

    /** When it should roll, by the newest order or by the plan. */
    private long dueMs(LogState state, int stop) {
        if (!state.orders().isEmpty()) {
            List<LogEntry.Turn> turns = new DayLog(day, entries)
                    .entries()
                    .get(state.orders().get(state.orders().size() - 1))
                    .turns();
            UUID first = day.stops().get(stop).setup().first().id();
            return turns.stream()
                    .filter(turn -> turn.about().equals(first))
                    .mapToLong(LogEntry.Turn::rollMs)
                    .findFirst()
                    .orElse(0);
        }
        return (long) table.setups().get(stop).rollMs();
    }

    private void before(Setup setup) {
        UUID first = setup.first().id();
        boolean dangerous = setup.shots().stream()
                .anyMatch(shot -> !RaisedCautions.of(day.plan(), shot).tags().isEmpty());
        if (dangerous) {
            say(What.READ, Optional.empty(), Optional.of(first));
        }
        for (String check : day.checks(stopOf(first))) {
            nowMs += SECOND_MS;
            add(What.CHECK, Optional.empty(), Optional.of(first), Optional.empty(), check, 1, "", List.of());
        }
    }

    private void takes(List<Shot> shots) {
        if (anew && !failed) {
            failed = true;
            List<UUID> bad = roll(What.ROLL, shots);
            add(
                    What.AGAIN,
                    Optional.of(bad.get(0)),
                    Optional.empty(),
                    Optional.empty(),
                    RetakeReason.FOCUS.name(),
                    0,
                    "",
                    List.of());
            nowMs += BEFORE_AGAIN_MS;
        }
        if (failed && !extra) {
            extra = true;
            UUID good = roll(What.EXTRA, shots.subList(0, 1)).get(0);
            say(What.KEEP, Optional.of(good), Optional.empty());
            add(
                    What.NAMED,
                    Optional.of(good),
                    Optional.of(shots.get(0).actionId()),
                    Optional.empty(),
                    SizeClass.DETAIL.name(),
                    0,
                    "",
                    List.of());
            nowMs += BEFORE_AGAIN_MS;
        }
        for (UUID take : roll(What.ROLL, shots)) {
            say(What.KEEP, Optional.of(take), Optional.empty());
        }
        nowMs += BEFORE_AGAIN_MS;
    }

    /** From roll to stop, each with its clip; returns the takes. */
    private List<UUID> roll(What what, List<Shot> shots) {
        List<UUID> takes = new ArrayList<>();
        for (camera = 0; camera < shots.size(); camera++) {
            takes.add(add(
                    what,
                    Optional.empty(),
                    Optional.of(shots.get(camera).id()).filter(id -> what == What.ROLL),
                    Optional.of(day.bodies().get(camera).id()),
                    "",
                    0,
                    "",
                    List.of()));
        }
        nowMs += shots.stream().mapToLong(this::lastsMs).max().orElseThrow();
        for (camera = 0; camera < takes.size(); camera++) {
            say(What.STOP, Optional.of(takes.get(camera)), Optional.empty());
            clip(takes.get(camera));
        }
        camera = 0;
        nowMs += LOOK_MS;
        return takes;
    }

    private long lastsMs(Shot shot) {
        LogTable.Shot needs = table.shots().get(day.shots().indexOf(shot));
        return (long) Math.ceil((needs.settleS() + needs.cleanS()) * SECOND_MS) + TAIL_MS;
    }

    /** Cards of the first camera are A001, A002 …, of the second B001. */
    private void clip(UUID take) {
        String card = "%c%03d".formatted('A' + camera, 1 + clips[camera] / CLIPS_ON_A_CARD);
        clips[camera]++;
        add(
                What.CLIP,
                Optional.of(take),
                Optional.empty(),
                Optional.empty(),
                card,
                0,
                "%sC%03d".formatted(card, clips[camera]),
                List.of());
    }

    private void orderAnew() {
        RestOfDay.of(day, state(), nowMs, 1, CHANGES)
                .filter(rest -> !rest.turns().isEmpty())
                .ifPresent(rest -> {
                    add(What.ORDER, Optional.empty(), Optional.empty(), Optional.empty(), "", 0, "", rest.turns());
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
        setup.shots().forEach(shot -> say(What.LET_GO, Optional.empty(), Optional.of(shot.id())));
    }

    private void line(String words) {
        entries.add(new LogEntry(
                id(),
                desk,
                0,
                nowMs,
                0,
                What.LINE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                words,
                List.of()));
    }

    private void say(What what, Optional<UUID> of, Optional<UUID> about) {
        add(what, of, about, Optional.empty(), "", 0, "", List.of());
    }

    private UUID add(
            What what,
            Optional<UUID> of,
            Optional<UUID> about,
            Optional<UUID> body,
            String detail,
            double amount,
            String words,
            List<LogEntry.Turn> turns) {
        UUID id = id();
        entries.add(new LogEntry(
                id, phones.get(camera), entries.size(), nowMs, 0, what, of, about, body, detail, amount, words, turns));
        return id;
    }

    private UUID id() {
        return UUID.nameUUIDFromBytes("evening %d".formatted(ids++).getBytes(StandardCharsets.UTF_8));
    }
}
