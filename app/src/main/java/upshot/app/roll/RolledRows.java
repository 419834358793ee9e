package upshot.app.roll;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.roll.Consents;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.roll.RetakeReason;
import upshot.day.log.LogLine;
import upshot.day.log.LogState;
import upshot.day.log.LogState.Status;
import upshot.day.log.LogTable;
import upshot.day.log.Take;

/** What the desk shows of a log, row by row. */
record RolledRows(LoggedDay day, DayLog log, LogState state, long nowMs) {

    private static final double MINUTE_MS = 60_000;
    private static final int MOST_TAKES = 200;

    RolledView view() {
        return new RolledView(
                summary(),
                state.next() < 0 ? "" : name(state.next()),
                new RolledFacts(day, log, state, nowMs).facts(),
                shownOrder().map(this::stop).toList(),
                takes(),
                people(person -> state.leaving().get(person) > 0),
                people(new Consents(day, state)::refused),
                orders(),
                log.entries().isEmpty());
    }

    private List<String> people(IntPredicate which) {
        List<Subject> all = day.people();
        return IntStream.range(0, all.size())
                .filter(which)
                .mapToObj(person -> all.get(person).name())
                .toList();
    }

    private String summary() {
        long asked =
                day.table().shots().stream().filter(shot -> shot.setup() >= 0).count();
        long got = count(Status.GOT);
        List<String> said = new ArrayList<>(List.of("%d of %d shots got".formatted(got, asked)));
        for (Status status : List.of(Status.SHORT, Status.LOST, Status.LET_GO)) {
            if (count(status) > 0) {
                said.add("%d %s".formatted(count(status), words(status)));
            }
        }
        long behind = Math.round(state.behindMs() / MINUTE_MS);
        if (day.table().isItsDay(nowMs)) {
            said.add(behind == 0 ? "on time" : "%d min behind".formatted(behind));
        }
        return String.join(", ", said);
    }

    private long count(Status status) {
        return state.shots().stream().filter(shot -> shot.status() == status).count();
    }

    private String name(int stop) {
        var setup = day.stops().get(stop).setup();
        return "%d %s, %s"
                .formatted(stop + 1, setup.spot().name(), setup.action().name());
    }

    private List<RolledView.OrderRow> orders() {
        List<RolledView.OrderRow> rows = new ArrayList<>();
        for (int i = state.orders().size() - 1; i >= 0; i--) {
            LogEntry order = log.entries().get(state.orders().get(i));
            String codes = log.lines().get(state.orders().get(i)).turns().stream()
                    .filter(turn -> turn.shot() >= 0)
                    .map(turn -> day.shots().get(turn.shot()).code())
                    .collect(Collectors.joining(", "));
            rows.add(new RolledView.OrderRow(
                    order.id().toString(),
                    clock(order.serverMs()),
                    codes,
                    i == state.orders().size() - 1));
        }
        return rows;
    }

    /** What was shot comes first, as it was; the order that holds is of what is left. */
    private Stream<Integer> shownOrder() {
        return state.order().stream().sorted(Comparator.comparingDouble(this::rolledMs));
    }

    /** When the first take of a setup began; after everything where there is none. */
    private double rolledMs(int stop) {
        return state.takes().stream()
                .filter(take ->
                        take.shot() >= 0 && day.table().shots().get(take.shot()).setup() == stop)
                .mapToDouble(Take::fromMs)
                .min()
                .orElse(Double.MAX_VALUE);
    }

    /** "rolled 19:37, 22 min later" */
    private String rolled(int stop) {
        double at = rolledMs(stop);
        if (at == Double.MAX_VALUE) {
            return "";
        }
        double planned = day.table().setups().get(stop).rollMs();
        long laterMin = Math.round((at - planned) / MINUTE_MS);
        boolean compared = planned > 0 && day.table().isItsDay(at) && laterMin != 0;
        return "rolled %s%s"
                .formatted(
                        clock((long) at),
                        compared
                                ? ", %d min %s".formatted(Math.abs(laterMin), laterMin > 0 ? "later" : "earlier")
                                : "");
    }

    private RolledView.StopRow stop(int place) {
        LoggedDay.Stop stop = day.stops().get(place);
        return new RolledView.StopRow(
                place + 1,
                planned(place, stop),
                rolled(place),
                "%s, %s"
                        .formatted(
                                stop.setup().spot().name(),
                                stop.setup().action().name()),
                place == state.next(),
                stop.setup().shots().stream().map(this::mark).toList());
    }

    /** When it rolls by the order that holds, or when getting ready for it begins by the plan. */
    private String planned(int place, LoggedDay.Stop stop) {
        return turns().stream()
                .filter(turn ->
                        turn.shot() >= 0 && day.table().shots().get(turn.shot()).setup() == place)
                .findFirst()
                .map(turn -> clock((long) turn.rollMs()))
                .or(() -> stop.slot()
                        .map(slot ->
                                day.day().clock(slot.times().gettingReady()).toString()))
                .orElse("–");
    }

    private List<LogLine.Turn> turns() {
        return state.orders().isEmpty()
                ? List.of()
                : log.lines().get(state.orders().get(state.orders().size() - 1)).turns();
    }

    private RolledView.ShotMark mark(Shot shot) {
        int place = day.shots().indexOf(shot);
        LogState.ShotState one = state.shots().get(place);
        LogTable.Shot planned = day.table().shots().get(place);
        String clean = one.keepers() == 0
                ? ""
                : ", %s s clean of %s"
                        .formatted(Wording.number(Math.floor(one.bestS()), 0), Wording.number(planned.cleanS(), 0));
        return new RolledView.ShotMark(
                shot.code(), one.status().name().toLowerCase(Locale.ROOT), words(one.status()) + clean);
    }

    private static String words(Status status) {
        return status.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private List<RolledView.TakeRow> takes() {
        List<RolledView.TakeRow> rows = new ArrayList<>();
        for (int i = state.takes().size() - 1; i >= 0 && rows.size() < MOST_TAKES; i--) {
            rows.add(take(state.takes().get(i)));
        }
        return rows;
    }

    private RolledView.TakeRow take(Take take) {
        Plan plan = day.plan();
        LogEntry begun = log.entries().get(take.line());
        List<String> codes = new ArrayList<>();
        List<String> clean = new ArrayList<>();
        for (Take.Part part : take.parts()) {
            if (part.shot() >= 0) {
                codes.add(day.shots().get(part.shot()).code());
            }
            clean.add(Wording.number(Math.floor(part.cleanS()), 0) + " s");
        }
        String what = codes.isEmpty() ? "extra" + named(take) : String.join(", ", codes);
        String clip = take.clipLine() < 0 ? "" : clip(log.entries().get(take.clipLine()));
        return new RolledView.TakeRow(
                clock(begun.serverMs()),
                "%s, take %d".formatted(what, take.number()),
                take.body() < 0 ? "" : plan.bodies().get(take.body()).name(),
                String.join(" and ", clean),
                judged(take) + (withoutConsent(take) ? ", consent withdrawn" : ""),
                clip.strip());
    }

    /** Its name, and the card where the name does not begin with it. */
    private static String clip(LogEntry entry) {
        return entry.words().startsWith(entry.detail()) ? entry.words() : entry.words() + " " + entry.detail();
    }

    private String named(Take take) {
        return take.namedAction() < 0
                ? ""
                : ", " + day.plan().actions().get(take.namedAction()).name();
    }

    /** Whether somebody in front of the camera does not want to be seen. */
    private boolean withoutConsent(Take take) {
        Consents consents = new Consents(day, state);
        return take.parts().stream()
                .filter(part -> part.shot() >= 0)
                .map(part -> day.shots().get(part.shot()))
                .anyMatch(shot -> !consents.refusedIn(shot).isEmpty());
    }

    private String judged(Take take) {
        if (take.rolling()) {
            return "rolling";
        }
        if (take.kept() != 0) {
            return take.kept() == Take.UNSAID ? "not judged, kept" : "kept";
        }
        return take.reason() == 0 ? "again" : "again: " + RetakeReason.values()[take.reason() - 1].label();
    }

    private String clock(long ms) {
        return RolledView.clock(day.plan().brief(), ms);
    }
}
