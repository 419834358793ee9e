package upshot.app.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Wording;
import upshot.core.order.DayPlan;
import upshot.core.verdict.Verdict;
import upshot.day.Cost;

/** What a row says of the light and of people, a few words each. */
final class SlotNotes {

    /** Being free for less is the work's own rhythm. */
    private static final int WORTH_SAYING_MIN = 15;

    private final DayPlan day;
    private final Optional<DayLight> light;

    SlotNotes(Verdict verdict, Optional<DayLight> light) {
        this.day = verdict.day();
        this.light = light;
    }

    List<String> of(DayPlan.Slot slot) {
        List<String> notes = new ArrayList<>();
        if (slot.setup().spot().outdoors()) {
            light.ifPresent(known -> notes.add(known.at(slot.times().roll().afterCall())));
        }
        note(notes, slot, Cost.WAITING, "crew waits %s min");
        day.free(slot).stream()
                .filter(free -> free.minutes() >= WORTH_SAYING_MIN)
                .forEach(free ->
                        notes.add("%s free for %d min".formatted(free.who().name(), free.minutes())));
        if (slot.state().hundredths(Cost.EFFORT) > 0) {
            notes.add("no rest for too long");
        }
        if (slot.state().rollsAlong()) {
            notes.add("same run, other camera");
        }
        return notes;
    }

    private static void note(List<String> notes, DayPlan.Slot slot, Cost cost, String words) {
        double minutes = slot.state().hundredths(cost) / 100.0;
        if (minutes >= 1) {
            notes.add(words.formatted(Wording.number(minutes, 0)));
        }
    }
}
