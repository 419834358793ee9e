package upshot.core.order;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.day.Breach;
import upshot.day.NotEarlier;

/** Why a setup does not stand earlier in the day, in a sentence. */
final class WhyNotEarlier {

    private final DayPlan day;
    private final Whys words;

    WhyNotEarlier(DayPlan day, Whys words) {
        this.day = day;
        this.words = words;
    }

    String of(DayPlan.Slot slot) {
        int crew = slot.crew().index();
        int place = day.order().crews().get(crew).indexOf(slot.state().setup());
        NotEarlier answer = NotEarlier.of(day.order(), crew, place);
        return switch (answer.kind()) {
            case TIMED -> slot.pinned() ? "Somebody keeps it at its time." : "Its moment does not move.";
            case FIRST -> first(slot);
            case BREAKS ->
                "Before %s %s %s.".formatted(codes(answer.before()), hit(answer, slot), broken(answer, slot));
            case COSTS -> costs(answer);
        };
    }

    private String hit(NotEarlier answer, DayPlan.Slot slot) {
        if (answer.hit() == answer.before()) {
            return "that one";
        }
        return answer.hit() == slot.state().setup() ? "it" : codes(answer.hit());
    }

    /**
     * Why an action that was left is taken up again by this setup, and not shot on where it was left: what happens where
     * it follows directly, or, where its own time is given, where what was shot before it waits for it.
     */
    Optional<String> takenUpAgain(DayPlan.Slot slot) {
        List<Integer> own = day.order().crews().get(slot.crew().index());
        int place = own.indexOf(slot.state().setup());
        int left = place - 1;
        while (left >= 0 && !action(own.get(left)).equals(slot.setup().action())) {
            left--;
        }
        if (left < 0 || left == place - 1) {
            return Optional.empty();
        }
        String said = "“%s” was left after %s and is taken up again here"
                .formatted(slot.setup().action().name(), codes(own.get(left)));
        boolean timed = slot.fixed() || slot.pinned();
        int moved = own.get(timed ? left : place);
        NotEarlier there = NotEarlier.at(day.order(), slot.crew().index(), moved, timed ? place - 1 : left + 1);
        String where = timed
                ? "directly before this, %s".formatted(codes(moved))
                : "directly after %s it".formatted(codes(own.get(left)));
        return Optional.of("%s: %s %s.".formatted(said, where, apart(there, slot, moved)));
    }

    private String apart(NotEarlier there, DayPlan.Slot slot, int moved) {
        if (there.kind() == NotEarlier.Kind.BREAKS) {
            return there.hit() == moved
                    ? broken(there, slot)
                    : "would be in the way: %s %s".formatted(codes(there.hit()), broken(there, slot));
        }
        String minutes = Wording.number(Math.abs(there.hundredths()) / 100.0, 1);
        if (there.hundredths() == 0) {
            return "would do as well";
        }
        return there.hundredths() > 0
                ? "would cost the day %s min more as they count".formatted(minutes)
                : "would do better, by %s min as they count".formatted(minutes);
    }

    private Action action(int setup) {
        return day.shoot().setups().get(setup).action();
    }

    private String first(DayPlan.Slot slot) {
        Hours hours = day.shoot().hours(slot.setup()).get(slot.crew().index());
        return slot.times()
                                .gettingReady()
                                .compareTo(slot.state().before().times().end())
                        > 0
                ? "It is the first, and waits for %s (%s).".formatted(hours.why(), words.spans(hours))
                : "It is the first of the day.";
    }

    private String costs(NotEarlier answer) {
        String there = codes(answer.before());
        String minutes = Wording.number(Math.abs(answer.hundredths()) / 100.0, 1);
        if (answer.hundredths() == 0) {
            return "It could as well stand before %s; the day would cost the same.".formatted(there);
        }
        return answer.hundredths() > 0
                ? "Before %s nothing breaks, but the day would cost %s min more as they count."
                        .formatted(there, minutes)
                : "It could: before %s the day would cost %s min less as they count.".formatted(there, minutes);
    }

    private String codes(int setup) {
        return day.shoot().setups().get(setup).codes();
    }

    private String broken(NotEarlier answer, DayPlan.Slot slot) {
        Breach breach = answer.breach().orElseThrow();
        String over = "%d min".formatted(breach.minutes());
        Hours hours = day.shoot()
                .hours(day.shoot().setups().get(answer.hit()))
                .get(slot.crew().index());
        return switch (breach.limit()) {
            case WRAP -> "would end %s after the wrap".formatted(over);
            case HOURS -> "would lie outside its hours (%s, %s)".formatted(hours.why(), words.spans(hours));
            case MOMENT -> "would not be ready for its moment, by %s".formatted(over);
            case PINNED -> "would begin %s later than it is pinned".formatted(over);
            case ONCE -> "would not be in the one run that there is";
            case BEFORE -> "would come before something that has to come first";
            case TWO_PLACES -> "would put somebody in two places, for " + over;
        };
    }
}
