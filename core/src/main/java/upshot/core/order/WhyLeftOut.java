package upshot.core.order;

import upshot.core.finding.Wording;
import upshot.day.Breach;
import upshot.day.LeftOut;

/** What keeps a setup out of the day, in words. */
final class WhyLeftOut {

    private final DayPlan day;
    private final Shoot shoot;
    private final Whys words;

    WhyLeftOut(DayPlan day, Whys words) {
        this.day = day;
        this.shoot = day.shoot();
        this.words = words;
    }

    String of(DayPlan.Dropped dropped) {
        LeftOut reason = LeftOut.of(day.order(), dropped.index());
        Setup hit = shoot.setups().get(reason.setup());
        boolean itself = reason.setup() == dropped.index();
        return reason.breach()
                .map(breach -> of(dropped, hit, itself, breach))
                .orElse("no order was found in which it fits; as the day stands now it can be put in");
    }

    private String of(DayPlan.Dropped dropped, Setup hit, boolean itself, Breach breach) {
        String over = "%d min".formatted(breach.minutes());
        String who = itself ? "it" : hit.codes();
        return switch (breach.limit()) {
            case WRAP -> "%s would end %s after the wrap".formatted(who, over);
            case HOURS -> hours(dropped, hit, itself, over);
            case MOMENT ->
                itself
                        ? "the crew is not free in time, by " + over
                        : "%s would not be ready in time, by %s".formatted(who, over);
            case PINNED -> "%s is pinned and would begin %s too late".formatted(who, over);
            case ONCE -> "it happens once and every camera is taken";
            case BEFORE -> "it would have to come before what is shot already";
            case TWO_PLACES -> "somebody would be in two places, or not there in time";
        };
    }

    private String hours(DayPlan.Dropped dropped, Setup hit, boolean itself, String over) {
        Hours hours = shoot.hours(hit).get(0);
        if (hours.spans().isEmpty()) {
            return "%s leaves no time for it between call and wrap".formatted(Wording.capital(hours.why()));
        }
        return itself
                ? "there is no gap of %d min left %s (%s)"
                        .formatted(dropped.needsMin(), words.spans(hours), hours.why())
                : "%s would end %s after its hours (%s)".formatted(hit.codes(), over, hours.why());
    }
}
