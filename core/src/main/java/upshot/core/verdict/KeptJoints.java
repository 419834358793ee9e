package upshot.core.verdict;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.joint.JointRule.Sees;
import upshot.core.joint.JointRules;

/**
 * What was said of the joints of an earlier cut and still holds in a changed one, where the ground and the actions are the
 * same: of two uses that have met before, what looks at them alone; and what looks back, if the pictures that it looks at
 * stand as they stood.
 */
final class KeptJoints {

    private final Verdict before;
    private final PaperCut cut;
    private final Set<UUID> heldShots;
    private final boolean sameTimes;
    private final int[] place;
    private final int[] run;

    /**
     * @param heldShots whose figures, action and uses have not changed
     * @param sameTimes whether every shot of the day begins when it began
     */
    KeptJoints(Verdict before, PaperCut cut, Set<UUID> heldShots, boolean sameTimes) {
        this.before = before;
        this.cut = cut;
        this.heldShots = heldShots;
        this.sameTimes = sameTimes;
        this.place = placesBefore();
        this.run = new int[place.length];
        for (int i = 0; i < run.length; i++) {
            run[i] = run(i);
        }
    }

    /** Where each use was in the earlier cut, −1 for a new one. */
    private int[] placesBefore() {
        Map<UUID, Integer> places = new HashMap<>();
        before.cut().uses().forEach(placed -> places.put(placed.use().id(), placed.index()));
        return cut.uses().stream()
                .mapToInt(placed -> places.getOrDefault(placed.use().id(), -1))
                .toArray();
    }

    /** How many pictures up to and with a use follow one another as they did before. */
    private int run(int index) {
        if (place[index] < 0
                || !samePicture(
                        before.cut().uses().get(place[index]), cut.uses().get(index))) {
            return 0;
        }
        return index > 0 && run[index - 1] > 0 && place[index - 1] == place[index] - 1 ? run[index - 1] + 1 : 1;
    }

    private static boolean samePicture(Placed one, Placed other) {
        return one.shot().equals(other.shot()) && one.use().samePicture(other.use());
    }

    /** What is to be said of a joint now, judged again only as far as it has to be; empty where its uses have not met. */
    Optional<List<Finding>> said(JointRules rules, int joint) {
        boolean met = run[joint + 1] > 1 && holds(joint) && holds(joint + 1);
        if (!met) {
            return Optional.empty();
        }
        List<Finding> said = before.joints().get(place[joint]);
        if (!samePast(rules, joint)) {
            return Optional.of(rules.judgeFrom(Sees.PAST, cut, joint, said));
        }
        return Optional.of(sameTimes ? said : rules.judgeFrom(Sees.DAY, cut, joint, said));
    }

    private boolean holds(int index) {
        Placed now = cut.uses().get(index);
        return heldShots.contains(now.shot().id())
                && before.cut().uses().get(place[index]).use().equals(now.use());
    }

    /** Whether the pictures stand as they stood up to a joint, all of them or those that a rule looks back to. */
    private boolean samePast(JointRules rules, int joint) {
        boolean fromTheFront = run[joint] == joint + 1 && place[joint] == joint;
        if (fromTheFront) {
            return true;
        }
        int from = rules.looksBackTo(cut, joint);
        return from >= 0 && run[joint] > joint - from;
    }
}
