package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Meant;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/**
 * Ways into the film and out of it: two of each, one by the product school and under twenty seconds, that differ in move
 * or direction. In: what is marked so, or in the opening a wide, a feature or a subject that comes in. Out: what is marked
 * so, or in the ending a pull, a lift, a subject that leaves, or rest on a feature or a wide.
 */
final class Ways {

    private static final int USUAL = 2;
    private static final double SHORT_S = 20;

    private final Plan plan;
    private final Collection<Shot> shots;

    Ways(Plan plan, Collection<Shot> shots) {
        this.plan = plan;
        this.shots = shots;
    }

    /** How many ways in, or out, a job wants. */
    static int wanted(Plan plan) {
        Brief brief = plan.brief();
        return plan.house().coverage() == CoverageSchool.PRODUCT || brief.lengthS() < SHORT_S ? 1 : USUAL;
    }

    long in() {
        return different(this::leadsIn);
    }

    long out() {
        return different(this::leadsOut);
    }

    /**
     * Whether some way out turns a way in round, so that the film can end as it began: a pull after a push, a drop after a
     * lift, a slide the other way, rest after rest. Nothing is asked while one of the two is missing.
     */
    boolean answered() {
        List<Shot> in = shots.stream().filter(this::leadsIn).toList();
        List<Shot> out = shots.stream().filter(this::leadsOut).toList();
        return in.isEmpty()
                || out.isEmpty()
                || out.stream()
                        .anyMatch(last -> in.stream().anyMatch(first -> first != last && turnsRound(first, last)));
    }

    private static boolean turnsRound(Shot first, Shot last) {
        return switch (first.move()) {
            case STILL -> !last.move().moving();
            case PUSH -> last.move() == Move.PULL;
            case PULL -> last.move() == Move.PUSH;
            case PAN, TILT, SLIDE, ORBIT, LIFT -> last.move() == first.move() && last.moveBack() != first.moveBack();
            case FOLLOW -> last.move() == Move.FOLLOW;
        };
    }

    private long different(Predicate<Shot> way) {
        return shots.stream()
                .filter(way)
                .map(shot -> shot.move().moving() ? shot.move() + " " + shot.moveBack() : Move.STILL.toString())
                .distinct()
                .count();
    }

    private boolean leadsIn(Shot shot) {
        boolean wide = shot.size() == Size.EXTREME_WIDE || shot.size() == Size.WIDE;
        return shot.meant() == Meant.FIRST
                || in(shot, StoryBeat.Role.OPENING)
                        && (wide
                                || shot.frameUse().comes()
                                || plan.actionOf(shot).feature());
    }

    private boolean leadsOut(Shot shot) {
        boolean letsGo = shot.move() == Move.PULL || shot.move() == Move.LIFT && !shot.moveBack();
        return shot.meant() == Meant.LAST
                || in(shot, StoryBeat.Role.ENDING) && (shot.frameUse().goes() || letsGo || rests(shot));
    }

    private boolean rests(Shot shot) {
        Action action = plan.actionOf(shot);
        return !shot.move().moving()
                && !action.travels()
                && (action.feature() || shot.size().fullOrWider());
    }

    private boolean in(Shot shot, StoryBeat.Role role) {
        return plan.beats().stream()
                .anyMatch(beat ->
                        beat.role() == role && plan.actionOf(shot).beatId().equals(beat.id()));
    }

    /** What is still missing of both. */
    List<Hole> holes() {
        List<Hole> holes = new ArrayList<>();
        for (long ways = in(); ways < wanted(plan); ways++) {
            first(StoryBeat.Role.OPENING, true)
                    .ifPresent(action -> holes.add(Hole.of(
                            Hole.Want.WAY_IN, action.id(), SizeClass.WIDE, "The film has no other way to begin.")));
        }
        for (long ways = out(); ways < wanted(plan); ways++) {
            first(StoryBeat.Role.ENDING, false)
                    .ifPresent(action -> holes.add(Hole.of(
                            Hole.Want.WAY_OUT, action.id(), SizeClass.WIDE, "The film has no other way to end.")));
        }
        return holes;
    }

    /**
     * The opening's first action, or the ending's last; the story's own where no beat is marked so. What happens once has
     * no time for it, so that something else begins or ends the film where there is anything.
     */
    private Optional<Action> first(StoryBeat.Role role, boolean first) {
        List<Action> marked = plan.beats().stream()
                .filter(beat -> beat.role() == role)
                .flatMap(beat -> plan.actionsOf(beat).stream())
                .toList();
        return Stream.of(repeating(marked), repeating(plan.actions()), marked, plan.actions())
                .filter(actions -> !actions.isEmpty())
                .findFirst()
                .map(actions -> actions.get(first ? 0 : actions.size() - 1));
    }

    private static List<Action> repeating(List<Action> actions) {
        return actions.stream()
                .filter(action -> !action.once() || action.stagedAgain())
                .toList();
    }
}
