package upshot.core.cut;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import upshot.core.plan.Plan;
import upshot.core.plan.StoryBeat;

/** How many seconds of the cut each beat of the story is to have. */
public final class BeatSeconds {

    private BeatSeconds() {}

    /**
     * What was asked for where something was; the rest of the promo goes to the other beats that have shots, by the number
     * of their actions.
     */
    public static Map<UUID, Double> of(Plan plan) {
        List<StoryBeat> open = plan.beats().stream()
                .filter(beat -> beat.targetS().isEmpty() && covered(plan, beat) > 0)
                .toList();
        double asked = plan.beats().stream()
                .mapToDouble(beat -> beat.targetS().orElse(0.0))
                .sum();
        double rest = Math.max(0, plan.brief().lengthS() - asked);
        long actions = open.stream().mapToLong(beat -> covered(plan, beat)).sum();
        Map<UUID, Double> seconds = new HashMap<>();
        for (StoryBeat beat : plan.beats()) {
            double share = open.contains(beat) ? rest * covered(plan, beat) / actions : 0;
            seconds.put(beat.id(), beat.targetS().orElse(share));
        }
        return seconds;
    }

    private static long covered(Plan plan, StoryBeat beat) {
        return plan.actionsOf(beat).stream()
                .filter(action -> !plan.shotsOf(action).isEmpty())
                .count();
    }
}
