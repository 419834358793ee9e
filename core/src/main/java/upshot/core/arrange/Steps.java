package upshot.core.arrange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.time.BeatGrid;

/** Small changes to a lineup, drawn at random; pinned slots and the frames at which they begin and end stay. */
final class Steps {

    /** Nothing shorter than this is read. */
    private static final double SHORTEST_S = 0.45;

    private final Plan plan;
    private final Random random;
    private final BeatGrid grid;
    private final long shortest;
    private final Map<UUID, List<Shot>> shotsByBeat = new HashMap<>();

    Steps(Plan plan, Random random) {
        this.plan = plan;
        this.random = random;
        this.grid = BeatGrid.of(plan, BeatGrid.Step.HALF, plan.brief().lengthFrames());
        this.shortest = Math.max(1, Math.round(SHORTEST_S * plan.brief().rate().perSecond()));
        for (StoryBeat beat : plan.beats()) {
            shotsByBeat.put(
                    beat.id(),
                    plan.actionsOf(beat).stream()
                            .flatMap(action -> plan.shotsOf(action).stream())
                            .toList());
        }
    }

    /** A neighbour of the lineup; empty where the step that was drawn is not possible. */
    Optional<Lineup> from(Lineup lineup) {
        int index = random.nextInt(lineup.slots().size());
        return switch (random.nextInt(20)) {
            case 0, 1, 2, 3, 4, 5, 6 -> replaced(lineup, index);
            case 7, 8, 9, 10, 11 -> shifted(lineup, index);
            case 12, 13 -> swapped(lineup, index);
            case 14, 15, 16 -> split(lineup, index);
            case 17, 18 -> dropped(lineup, index);
            default -> paced(lineup, index);
        };
    }

    private Optional<Lineup> replaced(Lineup lineup, int index) {
        LineupUse slot = lineup.slots().get(index);
        return slot.free()
                ? another(lineup, index).map(shot -> lineup.with(index, slot.showing(shot, 1)))
                : Optional.empty();
    }

    /** A shot of the same beat, or of a neighbour's, that the lineup does not show yet where there is one. */
    private Optional<Shot> another(Lineup lineup, int index) {
        int like = random.nextInt(5) > 0 ? index : index + (random.nextBoolean() ? 1 : -1);
        LineupUse model = lineup.slots().get(Math.max(0, Math.min(lineup.slots().size() - 1, like)));
        List<Shot> shots = shotsByBeat.get(plan.actionOf(model.shot()).beatId());
        Set<UUID> shown =
                lineup.slots().stream().map(slot -> slot.shot().id()).collect(Collectors.toCollection(HashSet::new));
        List<Shot> fresh =
                shots.stream().filter(shot -> !shown.contains(shot.id())).toList();
        List<Shot> from = fresh.isEmpty() || random.nextInt(12) == 0 ? shots : fresh;
        Shot shot = from.get(random.nextInt(from.size()));
        return shot.equals(lineup.slots().get(index).shot()) ? Optional.empty() : Optional.of(shot);
    }

    /** The joint behind a slot moves one place on the grid. */
    private Optional<Lineup> shifted(Lineup lineup, int index) {
        if (index + 1 >= lineup.slots().size()) {
            return Optional.empty();
        }
        LineupUse one = lineup.slots().get(index);
        LineupUse other = lineup.slots().get(index + 1);
        long joint = random.nextBoolean() ? grid.after(one.endFrame()) : grid.before(one.endFrame());
        boolean fits = joint - one.startFrame() >= shortest && other.endFrame() - joint >= shortest;
        return one.free() && other.free() && fits
                ? Optional.of(lineup.with(index, one.until(joint)).with(index + 1, other.from(joint)))
                : Optional.empty();
    }

    /** Two neighbours change what they show, not when. */
    private Optional<Lineup> swapped(Lineup lineup, int index) {
        if (index + 1 >= lineup.slots().size()) {
            return Optional.empty();
        }
        LineupUse one = lineup.slots().get(index);
        LineupUse other = lineup.slots().get(index + 1);
        return one.free() && other.free()
                ? Optional.of(lineup.with(index, one.showing(other.shot(), other.frameStep()))
                        .with(index + 1, other.showing(one.shot(), one.frameStep())))
                : Optional.empty();
    }

    private Optional<Lineup> split(Lineup lineup, int index) {
        LineupUse slot = lineup.slots().get(index);
        if (!slot.free() || slot.frames() < 2 * shortest) {
            return Optional.empty();
        }
        List<Long> places =
                List.copyOf(grid.frames().subSet(slot.startFrame() + shortest, true, slot.endFrame() - shortest, true));
        if (places.isEmpty()) {
            return Optional.empty();
        }
        long at = places.get(random.nextInt(places.size()));
        boolean before = random.nextBoolean();
        return another(lineup, index).map(shot -> {
            List<LineupUse> slots = new ArrayList<>(lineup.slots());
            LineupUse left = slot.until(at);
            LineupUse right = slot.from(at);
            slots.set(index, before ? left.showing(shot, 1) : left);
            slots.add(index + 1, before ? right : right.showing(shot, 1));
            return new Lineup(slots);
        });
    }

    /** A slot goes, and the one before it or behind it takes its time. */
    private Optional<Lineup> dropped(Lineup lineup, int index) {
        LineupUse slot = lineup.slots().get(index);
        int heir = random.nextBoolean() ? index - 1 : index + 1;
        if (!slot.free()
                || heir < 0
                || heir >= lineup.slots().size()
                || !lineup.slots().get(heir).free()) {
            return Optional.empty();
        }
        LineupUse longer = lineup.slots().get(heir);
        List<LineupUse> slots = new ArrayList<>(lineup.slots());
        slots.set(heir, heir < index ? longer.until(slot.endFrame()) : longer.from(slot.startFrame()));
        slots.remove(index);
        return Optional.of(new Lineup(slots));
    }

    /** Slow motion becomes real time, or the other way round. */
    private Optional<Lineup> paced(Lineup lineup, int index) {
        LineupUse slot = lineup.slots().get(index);
        double realTime = slot.shot().captureRate().over(plan.brief().rate());
        double whole = Math.rint(realTime);
        boolean choice = whole >= 2 && Math.abs(realTime - whole) < 0.01;
        return slot.free() && choice
                ? Optional.of(lineup.with(index, slot.showing(slot.shot(), slot.frameStep() == 1 ? whole : 1)))
                : Optional.empty();
    }
}
