package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;

/**
 * What the edit of the whole job will wish for beside each action's own shots: two ways in and two ways out that differ
 * in move, something in the foreground in each beat, a cutaway for each place, a sound of each action.
 */
public final class Wishes {

    private static final int WAYS = 2;

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
            String way = beat.role() == StoryBeat.Role.OPENING ? "in" : "out";
            long ways = shots.stream().map(Shot::move).distinct().count();
            wishes.add(new Wish(
                    beat.id(),
                    ways < WAYS,
                    "%d %s %s, %d asked".formatted(ways, ways == 1 ? "way" : "ways", way, WAYS)));
        }
        boolean foreground = shots.stream().anyMatch(Shot::foreground);
        if (!foreground) {
            wishes.add(new Wish(beat.id(), true, "no foreground yet"));
        }
        long silent = actions.stream()
                .filter(action -> !action.feature() && action.sound().isEmpty())
                .count();
        if (silent > 0) {
            wishes.add(new Wish(
                    beat.id(), true, "%d %s without a sound".formatted(silent, silent == 1 ? "action" : "actions")));
        }
        return wishes;
    }

    /** Spots where something happens and that no feature shows: the editor has nothing of theirs to cut away to. */
    public static List<Wish> cutaways(Plan plan) {
        List<Wish> wishes = new ArrayList<>();
        for (Spot spot : plan.spots()) {
            List<Action> there = plan.list(RecordKind.ACTION).stream()
                    .filter(action -> action.spotId().equals(spot.id()))
                    .toList();
            if (!there.isEmpty() && there.stream().noneMatch(Action::feature)) {
                wishes.add(new Wish(spot.id(), true, spot.name()));
            }
        }
        return wishes;
    }
}
