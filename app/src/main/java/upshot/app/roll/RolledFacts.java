package upshot.app.roll;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import upshot.app.roll.RolledView.Fact;
import upshot.core.finding.Wording;
import upshot.core.plan.Brief;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.day.log.LogState;
import upshot.day.log.LogState.ShotState;
import upshot.day.log.LogTable;
import upshot.day.log.Take;

/** How the day runs: where each camera is, what is banked, and when it will wrap as it goes. */
record RolledFacts(LoggedDay day, DayLog log, LogState state, long nowMs) {

    private static final int MINUTE_S = 60;

    List<Fact> facts() {
        List<Fact> facts = new ArrayList<>();
        banked().ifPresent(facts::add);
        wrap().ifPresent(facts::add);
        for (int body = 0; body < day.bodies().size(); body++) {
            camera(body).ifPresent(facts::add);
        }
        return facts;
    }

    /** The clean seconds of keepers against the length of the promo (the footage ratio). */
    private Optional<Fact> banked() {
        double seconds = state.shots().stream().mapToDouble(ShotState::bankedS).sum();
        double promo = day.plan().brief().lengthS();
        return seconds == 0
                ? Optional.empty()
                : Optional.of(new Fact(
                        "Banked",
                        "%d:%02d min clean, %s times the promo"
                                .formatted(
                                        (int) seconds / MINUTE_S,
                                        (int) seconds % MINUTE_S,
                                        Wording.number(seconds / promo, 1))));
    }

    /** By the order that holds, or by the plan, and as much later as the day is behind now. */
    private Optional<Fact> wrap() {
        Brief brief = day.plan().brief();
        if (state.next() < 0 || !day.table().isItsDay(nowMs)) {
            return Optional.empty();
        }
        OptionalDouble end = lastEndMs();
        return brief.instantAt(brief.dayMinutes())
                .filter(wrap -> end.isPresent())
                .map(wrap -> new Fact(
                        "The last setup ends",
                        "%s as it goes; wrap is at %s"
                                .formatted(
                                        RolledView.clock(brief, (long) (end.getAsDouble() + state.behindMs())),
                                        brief.wrapTime())));
    }

    private OptionalDouble lastEndMs() {
        if (!state.orders().isEmpty()) {
            return log.entries().get(state.orders().get(state.orders().size() - 1)).turns().stream()
                    .mapToDouble(LogEntry.Turn::endMs)
                    .max();
        }
        return state.order().stream()
                .filter(place -> !state.setups().get(place).left())
                .map(place -> day.table().setups().get(place))
                .mapToDouble(LogTable.Setup::endMs)
                .filter(end -> end > 0)
                .max();
    }

    /** Where its last take was, and whether it still rolls. */
    private Optional<Fact> camera(int body) {
        Take last = null;
        for (Take take : state.takes()) {
            if (take.body() == body && take.shot() >= 0 && (last == null || take.fromMs() >= last.fromMs())) {
                last = take;
            }
        }
        if (last == null) {
            return Optional.empty();
        }
        int stop = day.table().shots().get(last.shot()).setup();
        String code = day.shots().get(last.shot()).code();
        String where = stop < 0 ? "" : day.stops().get(stop).setup().spot().name() + ", ";
        return Optional.of(new Fact(
                day.bodies().get(body).name(),
                last.rolling()
                        ? "%srolls %s".formatted(where, code)
                        : "%slast %s at %s"
                                .formatted(
                                        where, code, RolledView.clock(day.plan().brief(), (long) last.fromMs()))));
    }
}
