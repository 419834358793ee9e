package upshot.core.order;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Turn;

/** Turns that make an order: as changes to a plan. */
public final class WrittenOrder {

    private final Shoot shoot;
    private final Supplier<UUID> ids;
    private final List<Change> changes = new ArrayList<>();

    private WrittenOrder(Shoot shoot, Supplier<UUID> ids) {
        this.shoot = shoot;
        this.ids = ids;
    }

    /**
     * Writes a whole order down; what it leaves out has no turn afterwards.
     *
     * @param order for each crew the setups that it shoots, by their place in the shoot
     */
    public static Change.Batch of(Shoot shoot, List<List<Integer>> order, Supplier<UUID> ids) {
        WrittenOrder written = new WrittenOrder(shoot, ids);
        Map<UUID, Turn> old = new HashMap<>();
        shoot.plan().list(RecordKind.TURN).forEach(turn -> old.put(turn.id(), turn));
        for (int crew = 0; crew < order.size(); crew++) {
            Optional<UUID> shift = shoot.crews().get(crew).shiftId();
            int place = 0;
            for (int setup : order.get(crew)) {
                place++;
                written.put(shoot.setups().get(setup), shift, place * Ranks.STEP)
                        .ifPresent(turn -> old.remove(turn.id()));
            }
        }
        old.values().stream()
                .filter(turn -> !turn.letGo())
                .forEach(turn -> written.changes.add(new Change.Remove(turn)));
        return Change.batch(written.changes);
    }

    /** Writes one turn; the one that was there, if it was. */
    private Optional<Turn> put(Setup setup, Optional<UUID> shift, double rank) {
        Optional<Turn> present = shoot.turnOf(setup);
        if (present.isEmpty()) {
            changes.add(new Change.Add(new Turn(ids.get(), setup.first().id(), shift, rank, Optional.empty(), false)));
            return present;
        }
        Turn turn = present.get();
        if (turn.rank() != rank) {
            changes.add(Change.edit(turn, one -> one.withRank(rank)));
        }
        if (!turn.shiftId().equals(shift)) {
            changes.add(Change.edit(turn, one -> one.withShiftId(shift)));
        }
        return present;
    }

    /**
     * Moves a setup to another place among those of a crew.
     *
     * @param position wanted among the others of that crew; out of range means first or last
     */
    public static Change.Batch move(DayPlan day, Supplier<UUID> ids, Setup moved, Crew crew, int position) {
        Shoot shoot = day.shoot();
        List<Turn> turns = new ArrayList<>();
        day.slotsOf(crew).forEach(slot -> shoot.turnOf(slot.setup()).ifPresent(turns::add));
        Optional<Turn> own = shoot.turnOf(moved).filter(turns::contains);
        boolean inRank = true;
        for (int i = 1; i < turns.size(); i++) {
            inRank &= turns.get(i - 1).rank() < turns.get(i).rank();
        }
        if (own.isPresent() && inRank && turns.size() == day.slotsOf(crew).size()) {
            return Ranks.move(turns, own.get(), position);
        }
        int setup = shoot.setups().indexOf(moved);
        return of(shoot, day.order().moved(setup, crew.index(), position), ids);
    }

    /** Keeps a setup at the time at which it stands, or lets it go with the rest again. */
    public static Change.Batch pin(DayPlan day, Supplier<UUID> ids, DayPlan.Slot slot, boolean pinned) {
        Shoot shoot = day.shoot();
        Optional<LocalTime> time = pinned
                ? Optional.of(
                        shoot.plan().brief().clockAt(slot.times().gettingReady().afterCall()))
                : Optional.empty();
        Optional<Turn> turn = shoot.turnOf(slot.setup());
        if (turn.isPresent()) {
            return Change.batch(List.of(Change.edit(turn.get(), one -> one.withPinnedTime(time))));
        }
        List<Change> changes =
                new ArrayList<>(of(shoot, day.order().crews(), ids).changes());
        changes.replaceAll(change -> change instanceof Change.Add add
                        && add.added() instanceof Turn added
                        && added.shotId().equals(slot.setup().first().id())
                ? new Change.Add(new Turn(added.id(), added.shotId(), added.shiftId(), added.rank(), time, false))
                : change);
        return Change.batch(changes);
    }

    /** Takes away what is written down, pins included; what was let go stays so. */
    public static Change.Batch forgotten(Plan plan) {
        return Change.batch(plan.list(RecordKind.TURN).stream()
                .filter(turn -> !turn.letGo())
                .<Change>map((Turn turn) -> new Change.Remove(turn))
                .toList());
    }

    /** Lets a setup go by decision, so that the day no longer asks for it. */
    public static Change.Batch letGo(Shoot shoot, Supplier<UUID> ids, Setup setup) {
        return shoot.turnOf(setup)
                .map(turn -> Change.batch(List.of(Change.edit(turn, one -> one.withLetGo(true)))))
                .orElseGet(() -> Change.batch(List.of(new Change.Add(
                        new Turn(ids.get(), setup.first().id(), Optional.empty(), 0, Optional.empty(), true)))));
    }
}
