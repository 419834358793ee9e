package upshot.core.order;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.plan.Brief;
import upshot.core.plan.Plan;

/**
 * A shooting order by construction, without search: spot by spot, setup by setup, what leaves a mess last, and fixed
 * moments at their time with the camera ready ten minutes before. While a moment is being waited for, the first setup
 * that fits into the gap is taken. The hours of actions, people, spots and wanted light are kept. What no longer fits is
 * dropped and says so.
 */
public final class ShootingOrder {

    private final Plan plan;
    private final Brief brief;
    private final int cameras;
    private final MinutesTable table;
    private final Map<UUID, Hours> hours = new HashMap<>();
    private final List<DayPlan.Slot> slots = new ArrayList<>();
    private final List<DayPlan.Dropped> dropped = new ArrayList<>();
    private Setup last;
    private int now;
    private int slack = Integer.MAX_VALUE;

    private ShootingOrder(Plan plan, MinutesTable table) {
        this.plan = plan;
        this.brief = plan.brief();
        this.cameras = plan.bodies().size();
        this.table = table;
        this.now = (int) Math.ceil(table.safetyTalk());
    }

    /** The order for a plan's day. */
    public static DayPlan of(Plan plan, MinutesTable table) {
        return new ShootingOrder(plan, table).build(Setup.of(plan));
    }

    private DayPlan build(List<Setup> setups) {
        List<Setup> free = setups.stream()
                .filter(setup -> setup.action().fixedTime().isEmpty())
                .sorted(BY_SPOT_THEN_SETUP)
                .collect(Collectors.toCollection(ArrayList::new));
        for (List<Setup> moment : moments(setups)) {
            fillUntil(startOf(moment), free, moment);
            take(moment);
        }
        fillUntil(brief.dayMinutes(), free, List.of());
        slack = Math.min(slack, brief.dayMinutes() - now);
        free.forEach(this::dropForTime);
        int needed = dropped.stream().mapToInt(DayPlan.Dropped::needsMin).sum();
        return new DayPlan(slots, dropped, (int) Math.ceil(table.safetyTalk()), needed > 0 ? -needed : slack);
    }

    private static final Comparator<Setup> BY_SPOT_THEN_SETUP = Comparator.<Setup, Boolean>comparing(
                    setup -> setup.action().messy())
            .thenComparingDouble(setup -> setup.spot().rank())
            .thenComparing(setup -> setup.spot().id())
            .thenComparing(setup -> !setup.action().once())
            .thenComparing(Setup::support)
            .thenComparingDouble(setup -> setup.first().focalLengthMm())
            .thenComparing(setup -> setup.first().captureRate());

    /** The setups of each fixed moment, by the clock. */
    private Iterable<List<Setup>> moments(List<Setup> setups) {
        Map<Integer, Map<UUID, List<Setup>>> byTime = new TreeMap<>();
        setups.stream()
                .filter(setup -> setup.action().fixedTime().isPresent())
                .forEach(setup -> byTime.computeIfAbsent(fixedMin(setup), none -> new TreeMap<>())
                        .computeIfAbsent(setup.action().id(), none -> new ArrayList<>())
                        .add(setup));
        return byTime.values().stream().flatMap(one -> one.values().stream()).toList();
    }

    private int fixedMin(Setup setup) {
        return brief.minutesAfterCall(setup.action().fixedTime().orElseThrow());
    }

    /** When rigging for a moment must begin, from where the crew is now. */
    private int startOf(List<Setup> moment) {
        return fixedMin(moment.get(0)) - (int) table.readyBefore() - rigging(moment);
    }

    private int rigging(List<Setup> moment) {
        double minutes = 0;
        Setup before = last;
        for (Setup setup : moment.subList(0, Math.min(cameras, moment.size()))) {
            minutes += total(table.change(before, setup));
            before = setup;
        }
        return roundedUp(minutes);
    }

    /** Takes what can begin now; where nothing can, waits for the next hours to begin. */
    private void fillUntil(int latest, List<Setup> free, List<Setup> moment) {
        Optional<Setup> next = next(latest, free, moment);
        while (next.isPresent()) {
            now = Math.max(now, hours(next.get()).fromMin());
            free.remove(next.get());
            place(next.get());
            next = next(latest, free, moment);
        }
    }

    /** The first that can begin at once, else the one whose hours begin first. */
    private Optional<Setup> next(int latest, List<Setup> free, List<Setup> moment) {
        return free.stream()
                .filter(setup -> hours(setup).fromMin() <= now && fits(setup, latest, moment))
                .findFirst()
                .or(() -> free.stream()
                        .filter(setup -> fits(setup, latest, moment))
                        .min(Comparator.comparingInt(setup -> hours(setup).fromMin())));
    }

    private boolean fits(Setup setup, int latest, List<Setup> moment) {
        int ends = Math.max(now, hours(setup).fromMin()) + minutesFor(setup);
        return ends <= hours(setup).untilMin() && ends <= latestEnd(latest, setup, moment);
    }

    private Hours hours(Setup setup) {
        return hours.computeIfAbsent(setup.action().id(), none -> Hours.of(plan, setup.action()));
    }

    /** The moment's own rigging depends on what was shot before it, so it is counted from the candidate. */
    private int latestEnd(int latest, Setup candidate, List<Setup> moment) {
        if (moment.isEmpty()) {
            return latest;
        }
        Setup before = last;
        last = candidate;
        int start = startOf(moment);
        last = before;
        return start;
    }

    private int minutesFor(Setup setup) {
        return roundedUp((total(table.change(last, setup)) + setup.shootMin()) * (1 + table.marginShare()));
    }

    private void place(Setup setup) {
        List<MinutesTable.Item> items = new ArrayList<>(table.change(last, setup));
        items.add(new MinutesTable.Item("Shoot " + codes(setup), setup.shootMin()));
        items.add(new MinutesTable.Item("Margin", total(items) * table.marginShare()));
        int end = now + minutesFor(setup);
        slots.add(new DayPlan.Slot(slots.size() + 1, setup, now, end, false, items, why(setup)));
        now = end;
        last = setup;
    }

    private String why(Setup setup) {
        Hours bounds = hours(setup);
        if (bounds.bounded(brief)) {
            return "%s: from %s to %s."
                    .formatted(
                            bounds.why(),
                            brief.callTime().plusMinutes(bounds.fromMin()),
                            brief.callTime().plusMinutes(bounds.untilMin()));
        }
        if (setup.action().messy()) {
            return "It leaves a mess, so it comes after the clean work.";
        }
        if (last == null || !last.spot().id().equals(setup.spot().id())) {
            return "First at %s.".formatted(setup.spot().name());
        }
        List<String> kept = new ArrayList<>();
        kept.add("the spot");
        if (last.support() == setup.support()) {
            kept.add("the " + setup.support().label());
        }
        if (last.first().focalLengthMm() == setup.first().focalLengthMm()) {
            kept.add("the lens");
        }
        String closing = kept.remove(kept.size() - 1);
        String list = kept.isEmpty() ? closing : String.join(", ", kept) + " and " + closing;
        return "Keeps %s of the setup before.".formatted(list);
    }

    private void take(List<Setup> moment) {
        int event = fixedMin(moment.get(0));
        int start = startOf(moment);
        int shooting = (int) Math.ceil(moment.get(0).action().durationS() / 60);
        int end = event + Math.max(1, shooting);
        if (start < now || end > brief.dayMinutes()) {
            moment.forEach(
                    setup -> drop(setup, start < now ? "the crew is not free in time" : "it ends after the wrap"));
            return;
        }
        slack = Math.min(slack, start - now);
        List<Setup> rolling = moment.subList(0, Math.min(cameras, moment.size()));
        for (Setup setup : rolling) {
            List<MinutesTable.Item> items = new ArrayList<>(table.change(last, setup));
            items.add(new MinutesTable.Item("Ready before the moment", table.readyBefore()));
            items.add(new MinutesTable.Item("Shoot " + codes(setup), shooting));
            slots.add(new DayPlan.Slot(slots.size() + 1, setup, start, end, true, items, whyFixed(setup)));
            last = setup;
        }
        moment.subList(rolling.size(), moment.size())
                .forEach(setup -> drop(setup, "it happens once and every camera is taken"));
        now = end;
    }

    private String whyFixed(Setup setup) {
        LocalTime time = setup.action().fixedTime().orElseThrow();
        return "%s is at %s; the camera stands ready from %s."
                .formatted(setup.action().name(), time, time.minusMinutes((long) table.readyBefore()));
    }

    private void dropForTime(Setup setup) {
        Hours bounds = hours(setup);
        String before = bounds.bounded(brief)
                ? "within %s to %s (%s)"
                        .formatted(
                                brief.callTime().plusMinutes(bounds.fromMin()),
                                brief.callTime().plusMinutes(bounds.untilMin()),
                                bounds.why())
                : "before the wrap";
        drop(setup, "there is no gap of %d min left %s".formatted(minutesFor(setup), before));
    }

    private void drop(Setup setup, String why) {
        dropped.add(new DayPlan.Dropped(setup, minutesFor(setup), "%s does not fit: %s.".formatted(codes(setup), why)));
    }

    private static String codes(Setup setup) {
        return setup.shots().stream().map(shot -> shot.code()).collect(Collectors.joining(", "));
    }

    private static double total(List<MinutesTable.Item> items) {
        return items.stream().mapToDouble(MinutesTable.Item::minutes).sum();
    }

    /** Whole minutes; a thousandth over does not cost one. */
    private static int roundedUp(double minutes) {
        return (int) Math.ceil(minutes - 1e-3);
    }
}
