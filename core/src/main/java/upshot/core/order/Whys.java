package upshot.core.order;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import upshot.core.finding.Say;
import upshot.core.house.Threshold;
import upshot.core.plan.Brief;
import upshot.core.plan.Subject;

/** Why a setup stands where it does, in words made of what the search itself counts. */
public final class Whys {

    private final DayPlan day;
    private final Shoot shoot;
    private final Brief brief;

    /** The words for a day. */
    public Whys(DayPlan day) {
        this.day = day;
        this.shoot = day.order().shoot();
        this.brief = shoot.plan().brief();
    }

    /** Sentences on where a setup stands: what binds it first, then what its place costs and saves. */
    public List<String> of(DayPlan.Slot slot) {
        return of(slot, Match.of(slot.pace()));
    }

    /** The same out of matches from elsewhere. */
    List<String> of(DayPlan.Slot slot, List<Match> matches) {
        List<String> all = new ArrayList<>(bounds(slot));
        all.addAll(around(slot.pace()));
        if (slot.pace().rollsAlong()) {
            all.add("Rolls in one run with %s, on another camera."
                    .formatted(before(slot.pace()).codes()));
        } else {
            all.add(kept(slot, minutes(matches, Cost.GETTING_READY)));
        }
        matches.stream()
                .map(match -> said(slot, match))
                .flatMap(Optional::stream)
                .forEach(all::add);
        all.addAll(rested(slot.pace()));
        return all;
    }

    private static double minutes(List<Match> matches, Cost cost) {
        return matches.stream()
                .filter(match -> match.cost() == cost)
                .mapToDouble(Match::minutes)
                .sum();
    }

    private List<String> bounds(DayPlan.Slot slot) {
        List<String> bounds = new ArrayList<>();
        Setup setup = slot.setup();
        if (slot.fixed()) {
            LocalTime time = setup.action().fixedTime().orElseThrow();
            bounds.add("%s is at %s; the camera stands ready from %s."
                    .formatted(
                            setup.action().name(), time, time.minusMinutes((long) shoot.of(Threshold.READY_BEFORE))));
        } else if (slot.pinned()) {
            bounds.add("Pinned: getting ready begins at %s.".formatted(clock(slot.startMin())));
        }
        Hours hours = shoot.part(slot.pace().setup()).hours(slot.pace().crew());
        if (!slot.fixed() && hours.bounded()) {
            bounds.add("%s: %s.".formatted(Say.capital(hours.why()), spans(hours)));
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
                        .map(span -> "from %s to %s".formatted(clock(span.fromMin()), clock(span.untilMin())))
                        .collect(Collectors.joining(" and "));
    }

    String clock(int minutesAfterCall) {
        return brief.callTime().plusMinutes(minutesAfterCall).toString();
    }

    /** What had to come before it, and what has to come after it. */
    private List<String> around(Pace pace) {
        List<String> words = new ArrayList<>();
        Prerequisites needs = shoot.prerequisites();
        BitSet first = needs.before(pace.setup());
        for (int one = first.nextSetBit(0); one >= 0; one = first.nextSetBit(one + 1)) {
            if (pace.carried().done().get(one)) {
                words.add("Comes after %s: %s."
                        .formatted(codes(one), needs.why(one, pace.setup()).orElseThrow()));
            }
        }
        BitSet then = needs.after(pace.setup());
        for (int one = then.nextSetBit(0); one >= 0; one = then.nextSetBit(one + 1)) {
            words.add("Comes before %s: %s."
                    .formatted(codes(one), needs.why(pace.setup(), one).orElseThrow()));
        }
        return words;
    }

    private String codes(int setup) {
        return shoot.setups().get(setup).codes();
    }

    private Setup before(Pace pace) {
        return shoot.setups().get(pace.before().setup());
    }

    private String kept(DayPlan.Slot slot, double ready) {
        String minutes = Say.number(ready, 1);
        if (slot.pace().before().first()) {
            return "First of the day: getting ready takes %s min.".formatted(minutes);
        }
        Setup last = before(slot.pace());
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

    private Optional<String> said(DayPlan.Slot slot, Match match) {
        String minutes = Say.number(match.minutes(), 1);
        if (match.hundredths() < 0) {
            return Optional.empty();
        }
        return switch (match.cost()) {
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
        List<String> names = IntStream.of(
                        shoot.part(shoot.setups().indexOf(setup)).people())
                .mapToObj(person -> shoot.people().get(person).name())
                .toList();
        return String.join(" and ", names) + (names.size() == 1 ? " is" : " are");
    }

    /** Who has had a rest that was due. */
    private List<String> rested(Pace pace) {
        List<String> words = new ArrayList<>();
        if (pace.rollsAlong()) {
            return words;
        }
        for (int index : shoot.part(pace.setup()).people()) {
            Subject subject = shoot.people().get(index);
            int last = pace.before().carried().people()[index].lastMin();
            int rest = pace.rollMin() - last;
            if (last >= 0 && subject.effortMin().isPresent() && rest >= Math.max(1, subject.restMin())) {
                words.add("%s has had %d min of rest.".formatted(subject.name(), rest));
            }
        }
        return words;
    }

    /** Where the minutes of a setup go. */
    public List<MinutesTable.Item> minutes(DayPlan.Slot slot) {
        Pace pace = slot.pace();
        List<MinutesTable.Item> items =
                new ArrayList<>(shoot.changeItems(pace.before().setup(), pace.setup()));
        double ready = MinutesTable.Item.total(items);
        if (slot.setup().onceOnly()) {
            items.add(new MinutesTable.Item("Ready before the moment", shoot.of(Threshold.READY_BEFORE)));
        }
        double shooting = pace.hundredths(Cost.SHOOTING) / 100.0;
        String along = pace.rollsAlong() ? " in the same run" : "";
        items.add(new MinutesTable.Item(
                "Shoot " + slot.setup().codes() + along, slot.fixed() ? pace.endMin() - pace.rollMin() : shooting));
        if (!slot.fixed() && shoot.table().marginShare() > 0) {
            items.add(new MinutesTable.Item(
                    "Margin", (ready + shooting) * shoot.table().marginShare()));
        }
        return items;
    }

    /** Why a setup was left out: what it breaks where it comes nearest to fitting. */
    public String dropped(DayPlan.Dropped dropped) {
        return "%s does not fit: %s.".formatted(dropped.setup().codes(), new LeftOut(day, this).why(dropped));
    }
}
