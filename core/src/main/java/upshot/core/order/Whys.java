package upshot.core.order;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import upshot.core.finding.Wording;
import upshot.core.house.Threshold;
import upshot.day.Cost;
import upshot.day.DayState;
import upshot.day.Minute;
import upshot.day.Resting;
import upshot.day.StandingRigs;

/** Why a setup stands where it does, in words made of what the search itself counts. */
public final class Whys {

    private static final double LEAST_MIN = 0.01;

    private final DayPlan day;
    private final Shoot shoot;

    /** The words for a day. */
    public Whys(DayPlan day) {
        this.day = day;
        this.shoot = day.shoot();
    }

    /** Sentences on where a setup stands: what binds it first, then what its place costs and saves. */
    public List<String> of(DayPlan.Slot slot) {
        List<String> all = new ArrayList<>(bounds(slot));
        all.addAll(around(slot.state()));
        if (slot.state().rollsAlong()) {
            all.add("Rolls in one run with %s, on another camera."
                    .formatted(before(slot.state()).codes()));
        } else {
            all.add(kept(slot, slot.state().hundredths(Cost.GETTING_READY) / 100.0));
        }
        for (Cost cost : Cost.values()) {
            said(slot, cost, slot.state().hundredths(cost)).ifPresent(all::add);
        }
        new WhyNotEarlier(day, this).takenUpAgain(slot).ifPresent(all::add);
        all.addAll(rested(slot));
        return all;
    }

    /** Why it does not stand earlier, in a sentence. */
    public String notEarlier(DayPlan.Slot slot) {
        return new WhyNotEarlier(day, this).of(slot);
    }

    private List<String> bounds(DayPlan.Slot slot) {
        List<String> bounds = new ArrayList<>();
        Setup setup = slot.setup();
        if (slot.fixed()) {
            LocalTime time = setup.action().fixedTime().orElseThrow();
            bounds.add("%s is at %s; the camera stands ready from %s."
                    .formatted(setup.action().name(), time, time.minusMinutes((long)
                            shoot.plan().threshold(Threshold.READY_BEFORE))));
        } else if (slot.pinned()) {
            bounds.add("Pinned: getting ready begins at %s."
                    .formatted(clock(slot.times().gettingReady())));
        }
        Hours hours = shoot.hours(setup).get(slot.crew().index());
        if (!slot.fixed() && hours.windows().bounded()) {
            bounds.add("%s: %s.".formatted(Wording.capital(hours.why()), spans(hours)));
        }
        Resting.Rest rest = new Resting(shoot.problem())
                .before(slot.state().before(), slot.state().setup());
        if (rest != null
                && slot.times().roll().afterCall() >= rest.untilMin()
                && !slot.state().rollsAlong()) {
            bounds.add("%s rests until %s."
                    .formatted(shoot.people().get(rest.person()).name(), clock(new Minute(rest.untilMin()))));
        }
        if (setup.action().messy()) {
            bounds.add("It leaves a mess, so it comes after the clean work.");
        }
        return bounds;
    }

    /** The hours in words, "from 16:00 to 18:30". */
    String spans(Hours hours) {
        return hours.spans().isEmpty()
                ? "at no time of the day"
                : hours.spans().stream()
                        .map(span -> "from %s to %s"
                                .formatted(clock(new Minute(span.fromMin())), clock(new Minute(span.untilMin()))))
                        .collect(Collectors.joining(" and "));
    }

    String clock(Minute minute) {
        return day.clock(minute).toString();
    }

    /** What had to come before it, and what has to come after it. */
    private List<String> around(DayState state) {
        List<String> words = new ArrayList<>();
        Prerequisites needs = shoot.prerequisites();
        BitSet first = needs.before(state.setup());
        for (int one = first.nextSetBit(0); one >= 0; one = first.nextSetBit(one + 1)) {
            if (state.done(one)) {
                words.add("Comes after %s: %s."
                        .formatted(codes(one), needs.why(one, state.setup()).orElseThrow()));
            }
        }
        BitSet then = needs.after(state.setup());
        for (int one = then.nextSetBit(0); one >= 0; one = then.nextSetBit(one + 1)) {
            words.add("Comes before %s: %s."
                    .formatted(codes(one), needs.why(state.setup(), one).orElseThrow()));
        }
        return words;
    }

    private String codes(int setup) {
        return shoot.setups().get(setup).codes();
    }

    private Setup before(DayState state) {
        return shoot.setups().get(state.before().setup());
    }

    private String kept(DayPlan.Slot slot, double ready) {
        String minutes = Wording.number(ready, 1);
        if (slot.state().before().first()) {
            return "First of the day: getting ready takes %s min.".formatted(minutes);
        }
        Setup last = before(slot.state());
        if (ready == 0) {
            return "Same stand as %s: nothing to change.".formatted(last.codes());
        }
        List<String> kept = new ArrayList<>();
        if (last.spot().id().equals(slot.setup().spot().id())) {
            kept.add("the spot");
        }
        if (last.support() == slot.setup().support()) {
            kept.add("the " + last.support().label());
        }
        if (last.lens().equals(slot.setup().lens())) {
            kept.add("the lens");
        }
        if (kept.isEmpty()) {
            return "After %s getting ready takes %s min.".formatted(last.codes(), minutes);
        }
        String closing = kept.remove(kept.size() - 1);
        String list = kept.isEmpty() ? closing : String.join(", ", kept) + " and " + closing;
        return "Keeps %s of %s: getting ready takes %s min.".formatted(list, last.codes(), minutes);
    }

    private Optional<String> said(DayPlan.Slot slot, Cost cost, int hundredths) {
        String minutes = Wording.number(hundredths / 100.0, 1);
        if (hundredths <= 0) {
            return Optional.empty();
        }
        return switch (cost) {
            case GETTING_READY, SHOOTING -> Optional.empty();
            case WAITING -> Optional.of("The crew waits %s min for it.".formatted(minutes));
            case KEPT_WAITING ->
                Optional.of("%s kept waiting before it, which counts %s min.".formatted(people(slot.setup()), minutes));
            case EFFORT ->
                Optional.of("%s by then: %s min longer without a rest than is good."
                        .formatted(people(slot.setup()), minutes));
            case DRIFT ->
                Optional.of(
                        "The light has moved on since this was shot before, which counts %s min.".formatted(minutes));
            case OUT_OF_TURN ->
                Optional.of(
                        "Something less urgent or messier comes before it, which counts %s min.".formatted(minutes));
        };
    }

    private String people(Setup setup) {
        List<String> names = shoot.performing(setup).stream()
                .map(person -> shoot.people().get(person).name())
                .toList();
        return String.join(" and ", names) + (names.size() == 1 ? " is" : " are");
    }

    /** Who has had a rest that was due. */
    private List<String> rested(DayPlan.Slot slot) {
        return day.free(slot).stream()
                .filter(free -> free.who().effortMin().isPresent()
                        && free.minutes() >= Math.max(1, free.who().restMin()))
                .map(free -> "%s has had %d min of rest.".formatted(free.who().name(), free.minutes()))
                .toList();
    }

    /** Where the minutes of a setup go. */
    public List<SpentMinutes> minutes(DayPlan.Slot slot) {
        DayState state = slot.state();
        List<SpentMinutes> spent = new ArrayList<>(gettingReady(slot));
        double ready = SpentMinutes.total(spent);
        if (slot.setup().onceOnly()) {
            spent.add(new SpentMinutes("Ready before the moment", shoot.plan().threshold(Threshold.READY_BEFORE)));
        }
        double shooting = state.hundredths(Cost.SHOOTING) / 100.0;
        String along = state.rollsAlong() ? " in the same run" : "";
        spent.add(new SpentMinutes(
                "Shoot " + slot.setup().codes() + along,
                slot.fixed() ? state.times().end().since(state.times().roll()) : shooting));
        double margin = shoot.plan().threshold(Threshold.MARGIN) / 100;
        if (!slot.fixed() && margin > 0) {
            spent.add(new SpentMinutes("Margin", (ready + shooting) * margin));
        }
        return spent;
    }

    /** What has to be done to be ready for a setup where it stands. */
    public List<SpentMinutes> gettingReady(DayPlan.Slot slot) {
        DayState state = slot.state();
        double saved = new StandingRigs(shoot.problem()).savedMin(state.before(), state.setup());
        List<SpentMinutes> spent =
                new ArrayList<>(new ChangeWords(shoot).of(state.before().setup(), state.setup(), saved));
        double again = state.hundredths(Cost.GETTING_READY) / 100.0 - SpentMinutes.total(spent);
        if (again > LEAST_MIN) {
            spent.add(new SpentMinutes(
                    "Lay “%s” out again".formatted(slot.setup().action().name()), again));
        }
        return spent;
    }

    /** Why a setup was left out: what it breaks where it comes nearest to fitting. */
    public String dropped(DayPlan.Dropped dropped) {
        return "%s does not fit: %s.".formatted(dropped.setup().codes(), new WhyLeftOut(day, this).of(dropped));
    }
}
