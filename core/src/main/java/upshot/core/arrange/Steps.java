package upshot.core.arrange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Action;
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
    private final BeatGrid bars;
    private final long shortest;
    private final boolean inRuns;
    private final List<Shot> features;
    private final Map<UUID, List<Shot>> shotsByBeat = new HashMap<>();

    Steps(Plan plan, Random random) {
        this.plan = plan;
        this.random = random;
        this.grid = BeatGrid.of(plan, BeatGrid.Step.HALF, plan.brief().lengthFrames());
        this.bars = new BeatGrid(BeatGrid.bars(plan, plan.brief().lengthFrames()));
        this.shortest = shortestFrames(plan);
        this.inRuns = plan.house().telling() == TellingSchool.SEQUENCES;
        this.features = plan.shots().stream()
                .filter(shot -> plan.actionOf(shot).feature())
                .toList();
        for (StoryBeat beat : plan.beats()) {
            shotsByBeat.put(
                    beat.id(),
                    plan.actionsOf(beat).stream()
                            .flatMap(action -> plan.shotsOf(action).stream())
                            .toList());
        }
    }

    static long shortestFrames(Plan plan) {
        return Math.max(1, Math.round(SHORTEST_S * plan.brief().rate().perSecond()));
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

    /** Under sequences of the same action, and instead of a feature another; else of the beat or a neighbour's. */
    private Optional<Shot> another(Lineup lineup, int index) {
        if (inRuns) {
            Shot present = lineup.slots().get(index).shot();
            Action action = plan.actionOf(present);
            return unshown(lineup, action.feature() ? features : plan.shotsOf(action), present);
        }
        return ofTheBeat(lineup, index);
    }

    /** One of some shots that the lineup does not show yet, where there is one. */
    private Optional<Shot> unshown(Lineup lineup, List<Shot> shots, Shot present) {
        List<Shot> fresh = fresh(lineup, shots);
        List<Shot> from = fresh.isEmpty() && random.nextInt(12) == 0 ? shots : fresh;
        return from.isEmpty()
                ? Optional.empty()
                : Optional.of(from.get(random.nextInt(from.size()))).filter(shot -> !shot.equals(present));
    }

    private static List<Shot> fresh(Lineup lineup, List<Shot> shots) {
        Set<UUID> shown = lineup.slots().stream().map(slot -> slot.shot().id()).collect(Collectors.toSet());
        return shots.stream().filter(shot -> !shown.contains(shot.id())).toList();
    }

    /** What may come between two slots under sequences: a feature, or an action that was written between theirs. */
    private Optional<Shot> between(Lineup lineup, int before) {
        int from = place(lineup, before);
        int until = place(lineup, before + 1);
        List<Shot> shots = plan.shots().stream()
                .filter(shot -> {
                    Action action = plan.actionOf(shot);
                    int at = plan.placeInStory(action.id());
                    return action.feature() || from < at && at < until;
                })
                .toList();
        return unshown(lineup, shots, null);
    }

    /** The place in the story of what a slot tells, or of what is told last before it; past the end that of the end. */
    private int place(Lineup lineup, int index) {
        if (index >= lineup.slots().size()) {
            return plan.actions().size();
        }
        for (int i = index; i >= 0; i--) {
            Action action = plan.actionOf(lineup.slots().get(i).shot());
            if (!action.feature()) {
                return plan.placeInStory(action.id());
            }
        }
        return -1;
    }

    /** A shot of the same beat, or of a neighbour's, that the lineup does not show yet where there is one. */
    private Optional<Shot> ofTheBeat(Lineup lineup, int index) {
        int like = random.nextInt(5) > 0 ? index : index + (random.nextBoolean() ? 1 : -1);
        LineupUse model = lineup.slots().get(Math.max(0, Math.min(lineup.slots().size() - 1, like)));
        List<Shot> shots = shotsByBeat.get(plan.actionOf(model.shot()).beatId());
        List<Shot> fresh = fresh(lineup, shots);
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
        boolean border = inRuns && !one.shot().actionId().equals(other.shot().actionId());
        BeatGrid places = border && !bars.frames().isEmpty() && random.nextInt(3) > 0 ? bars : grid;
        long joint = random.nextBoolean() ? places.after(one.endFrame()) : places.before(one.endFrame());
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
        Action first = plan.actionOf(one.shot());
        Action second = plan.actionOf(other.shot());
        boolean stays = !inRuns || first.equals(second) || first.feature() || second.feature();
        return one.free() && other.free() && stays
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
        boolean border = inRuns && random.nextInt(3) == 0;
        boolean before = !border && random.nextBoolean();
        return (border ? between(lineup, index) : another(lineup, index)).map(shot -> {
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
