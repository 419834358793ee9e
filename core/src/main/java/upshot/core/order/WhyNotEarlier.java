package upshot.core.order;

import upshot.core.finding.Wording;
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
            case BREAKS -> "Before %s %s.".formatted(codes(answer.before()), broken(answer, slot));
            case COSTS -> costs(answer);
        };
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
        boolean itself = answer.hit() == slot.state().setup();
        String who = itself ? "it" : codes(answer.hit());
        String over = "%d min".formatted(breach.minutes());
        Hours hours = day.shoot()
                .hours(day.shoot().setups().get(answer.hit()))
                .get(slot.crew().index());
        return switch (breach.limit()) {
            case WRAP -> "%s would end %s after the wrap".formatted(who, over);
            case HOURS -> "%s would lie outside its hours (%s, %s)".formatted(who, hours.why(), words.spans(hours));
            case MOMENT -> "%s would not be ready for its moment, by %s".formatted(who, over);
            case PINNED -> "%s is pinned and would begin %s too late".formatted(who, over);
            case ONCE -> "%s would not be in the one run that there is".formatted(who);
            case BEFORE -> "%s would come before something that has to come first".formatted(who);
            case TWO_PLACES -> "somebody would be in two places, for " + over;
        };
    }
}
