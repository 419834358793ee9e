package upshot.core.learn;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.order.DayPlan;
import upshot.core.plan.Shot;
import upshot.core.roll.LoggedDay;
import upshot.core.shot.ShotNumbers;
import upshot.day.log.LogState;
import upshot.day.log.Take;

/**
 * What becomes of what is planned: how many takes are keepers, how much of the clean seconds they hold, when and how late
 * shots are still got. Said of eight or more only, and of a part only where it differs from all together.
 */
final class Habits {

    private static final double APART = 0.1;
    private static final int HOURS = 3;
    private static final int DAY_HOURS = 24;
    private static final double LATE_MS = 15 * 60_000.0;
    private static final int PERCENT = 100;

    private final Tally bySupport = new Tally();
    private final Tally byMove = new Tally();
    private final Tally bySize = new Tally();
    private final Tally byHour = new Tally();
    private final Tally byLateness = new Tally();
    private final Tally clean = new Tally();

    private Habits(List<ShotDay> days) {
        for (ShotDay day : days) {
            day.state().takes().forEach(take -> take(day, take));
            got(day);
        }
    }

    /** A sentence for each habit. */
    static List<String> of(List<ShotDay> days) {
        return new Habits(days).said().toList();
    }

    private Stream<String> said() {
        List<String> together = new ArrayList<>();
        Tally.Share takes = bySupport.all();
        if (takes.seen() >= Learning.ENOUGH && takes.worth() > 0) {
            together.add("A keeper takes you %s takes, by %d takes of planned shots."
                    .formatted(Wording.number(1 / takes.mean(), 1), takes.seen()));
        }
        if (clean.all().seen() >= Learning.ENOUGH) {
            together.add("Keepers hold %s of the clean seconds that were planned, by %d keepers."
                    .formatted(percent(clean.all()), clean.all().seen()));
        }
        return Stream.of(
                        together.stream(),
                        Stream.of(bySupport, byMove, bySize)
                                .flatMap(tally -> tally.said(APART, (group, share) -> keptWords(group, share, takes))),
                        byHour.said(APART, (group, share) -> gotWords(group, share, byHour.all())),
                        byLateness.said(APART, (group, share) -> gotWords(group, share, byLateness.all())))
                .flatMap(sentences -> sentences);
    }

    private static String keptWords(String group, Tally.Share share, Tally.Share all) {
        return "%s: %s of %d takes are keepers; of all together, %s."
                .formatted(Wording.capital(group), percent(share), share.seen(), percent(all));
    }

    private static String gotWords(String group, Tally.Share share, Tally.Share all) {
        return "%s: %s of %d shots were got; of all together, %s."
                .formatted(Wording.capital(group), percent(share), share.seen(), percent(all));
    }

    private static String percent(Tally.Share share) {
        return Math.round(PERCENT * share.mean()) + " %";
    }

    /** One planned shot in it, and somebody has said what it is worth. */
    private void take(ShotDay day, Take take) {
        List<Shot> shots = day.shots(take);
        if (shots.size() != 1 || take.parts().size() != 1 || take.kept() == Take.UNSAID) {
            return;
        }
        Shot shot = shots.get(0);
        bySupport.add(shot.support().label(), take.kept());
        byMove.add(shot.move().label(), take.kept());
        bySize.add(shot.size().label(), take.kept());
        double planned = ShotNumbers.of(day.day().plan(), shot).hold().cleanS();
        if (take.kept() > 0 && day.timed(take) && planned > 0) {
            clean.add("keepers", Math.min(1, take.parts().get(0).cleanS() / planned));
        }
    }

    /** Days nobody logged anything of say nothing of what was got. */
    private void got(ShotDay day) {
        if (day.state().takes().isEmpty()) {
            return;
        }
        List<LoggedDay.Stop> stops = day.day().stops();
        for (LoggedDay.Stop stop : stops) {
            stop.slot().ifPresent(slot -> got(day, slot));
        }
    }

    private void got(ShotDay day, DayPlan.Slot slot) {
        LocalTime at = day.day().day().clock(slot.times().roll());
        int from = at.getHour() / HOURS * HOURS;
        String hours = "planned from %d:00 to %d:00".formatted(from, Math.min(DAY_HOURS, from + HOURS));
        Optional<Double> lateMs = lateMs(day, slot);
        for (Shot shot : slot.setup().shots()) {
            LogState.ShotState state = day.state().shots().get(day.day().shots().indexOf(shot));
            double worth = state.status() == LogState.Status.GOT ? 1 : 0;
            byHour.add(hours, worth);
            lateMs.ifPresent(late -> byLateness.add(
                    late > LATE_MS ? "planned while you ran more than 15 min late" : "planned while you ran in time",
                    worth));
        }
    }

    /** By how much the last setup that was rolled before was late; unknown where none was, or the day has no date. */
    private static Optional<Double> lateMs(ShotDay day, DayPlan.Slot slot) {
        Optional<Double> planned = rollMs(day, slot);
        return planned.flatMap(roll -> day.state().takes().stream()
                .filter(take -> day.timed(take)
                        && take.fromMs() < roll
                        && !day.shots(take).isEmpty())
                .max(Comparator.comparingDouble(Take::fromMs))
                .flatMap(take -> day.day()
                        .day()
                        .slotOf(day.shots(take).get(0))
                        .flatMap(before -> rollMs(day, before))
                        .map(due -> take.fromMs() - due)));
    }

    private static Optional<Double> rollMs(ShotDay day, DayPlan.Slot slot) {
        return day.day()
                .plan()
                .brief()
                .instantAt(slot.times().roll().afterCall())
                .map(at -> (double) at.toEpochMilli());
    }
}
