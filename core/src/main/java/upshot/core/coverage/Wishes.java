package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;

/**
 * What the edit of the whole job will wish for beside each action's own shots: two ways in and two ways out that differ
 * in move, one of which turns a way in round, something in the foreground in each beat, a cutaway for each place, a
 * sound of each action.
 */
public final class Wishes {

    private Wishes() {}

    /**
     * One wish.
     *
     * @param about a beat or a spot
     * @param open whether it is still to be met
     * @param sentence as it is said beside the beat
     */
    public record Wish(UUID about, boolean open, String sentence) {}

    /** The wishes about a beat; none while nothing happens in it. */
    public static List<Wish> of(Plan plan, StoryBeat beat) {
        List<Action> actions = plan.actionsOf(beat);
        List<Wish> wishes = new ArrayList<>();
        if (actions.isEmpty()) {
            return wishes;
        }
        List<Shot> shots = actions.stream()
                .flatMap(action -> plan.shotsOf(action).stream())
                .toList();
        if (beat.role() != StoryBeat.Role.BODY) {
            boolean opens = beat.role() == StoryBeat.Role.OPENING;
            Ways all = new Ways(plan, plan.shots());
            long ways = opens ? all.in() : all.out();
            int asked = Ways.wanted(plan);
            wishes.add(new Wish(
                    beat.id(),
                    ways < asked,
                    "%d %s %s, %d asked".formatted(ways, ways == 1 ? "way" : "ways", opens ? "in" : "out", asked)));
            if (!opens && asked > 1 && !all.answered()) {
                wishes.add(new Wish(beat.id(), true, "no way out turns a way in round"));
            }
        }
        boolean product = plan.house().coverage() == CoverageSchool.PRODUCT;
        boolean foreground = shots.stream().anyMatch(Shot::foreground);
        if (!foreground && !product) {
            wishes.add(new Wish(beat.id(), true, "no foreground yet"));
        }
        long silent = actions.stream()
                .filter(action -> !action.feature() && !action.noSound() && !action.playback())
                .filter(action -> action.sound().isEmpty())
                .count();
        if (silent > 0) {
            wishes.add(new Wish(
                    beat.id(), true, "%d %s without a sound".formatted(silent, silent == 1 ? "action" : "actions")));
        }
        return wishes;
    }
}
