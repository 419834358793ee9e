package upshot.app.roll;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.coverage.Coverage;
import upshot.core.finding.Wording;
import upshot.core.late.Loss;
import upshot.core.order.SpentMinutes;
import upshot.core.order.Whys;
import upshot.core.plan.Action;
import upshot.core.plan.Cautions;
import upshot.core.plan.Plan;
import upshot.core.roll.LoggedDay;
import upshot.core.shot.RaisedCautions;
import upshot.core.verdict.Verdict;
import upshot.day.log.LogTable;

/** The setups of a day for a phone. */
final class PhoneStops {

    private final Verdict verdict;
    private final LoggedDay day;
    private final LogTable table;

    PhoneStops(Verdict verdict, LoggedDay day, LogTable table) {
        this.verdict = verdict;
        this.day = day;
        this.table = table;
    }

    /** The setup at a place. */
    PhoneDay.Stop of(int place) {
        LoggedDay.Stop stop = day.stops().get(place);
        LogTable.Setup numbers = table.setups().get(place);
        Plan plan = day.plan();
        Action action = stop.setup().action();
        Map<UUID, Integer> shots = new HashMap<>();
        day.shots().forEach(shot -> shots.put(shot.id(), shots.size()));
        Cautions cautions = stop.setup().shots().stream()
                .map(shot -> RaisedCautions.of(plan, shot))
                .reduce(Cautions.NONE, Cautions::and);
        Whys words = new Whys(day.day());
        return new PhoneDay.Stop(
                place + 1,
                stop.setup().spot().name(),
                action.name(),
                stop.slot()
                        .map(slot -> PhoneDay.clock(day, slot.times().gettingReady()))
                        .orElse(""),
                stop.slot().map(slot -> PhoneDay.clock(day, slot.times().end())).orElse(""),
                action.fixedTime().map(Object::toString).orElse(""),
                numbers.readyMs(),
                numbers.rollMs(),
                action.once() && !action.stagedAgain(),
                note(action),
                stop.slot()
                        .map(slot -> words.gettingReady(slot).stream()
                                .map(SpentMinutes::label)
                                .collect(Collectors.joining(", ")))
                        .orElse(""),
                action.speech() || !action.sound().isEmpty(),
                cautions.tags().stream()
                        .map(caution -> new PhoneDay.Care(Wording.capital(caution.label()), caution.care()))
                        .toList(),
                day.checks(place),
                Coverage.performing(plan, action).stream()
                        .map(day.people()::indexOf)
                        .filter(person -> person >= 0)
                        .toList(),
                stop.setup().shots().stream().map(shot -> shots.get(shot.id())).toList(),
                day.day().shoot().setups().indexOf(stop.setup()),
                loss(stop));
    }

    private PhoneDay.Missed loss(LoggedDay.Stop stop) {
        Loss loss = Loss.of(verdict, stop.setup());
        return new PhoneDay.Missed(
                String.join(" ", loss.lost()),
                loss.standIns().stream().map(day.shots()::indexOf).toList(),
                loss.missed());
    }

    private static String note(Action action) {
        String at = action.fixedTime().map(time -> ", at " + time).orElse("");
        if (action.once() && !action.stagedAgain()) {
            return "Happens once" + at + ".";
        }
        return at.isEmpty() ? "" : "Begins" + at.substring(1) + ".";
    }
}
