package upshot.core.verdict;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.coverage.Hole;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.house.HoldSchool;
import upshot.core.order.DayPlan;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.shot.ShotNumbers;

/**
 * What of an earlier verdict still holds for a changed plan. Whatever a rule may look at has to be the same: the ground
 * (everything but actions, shots, uses and what is let stand), the shot with its action and uses, and for a joint the
 * pictures of the cut up to it. When in doubt nothing is kept, and it is judged again.
 */
final class Kept {

    private static final Set<Kind<?>> MOVING =
            Set.of(Kind.ACTION, Kind.SHOT, Kind.USE, Kind.ACCEPTED, Kind.SHIFT, Kind.TURN);

    private final Verdict before;
    private final Plan after;
    private final boolean sameGround;
    private final boolean sameActions;
    private final boolean sameShots;
    private Map<UUID, Integer> jointsBefore;

    Kept(Verdict before, Plan after) {
        this.before = before;
        this.after = after;
        this.sameGround = Kind.PARENT_FIRST.stream()
                .filter(kind -> !MOVING.contains(kind))
                .allMatch(kind -> before.plan().hasSame(kind, after));
        this.sameActions = before.plan().hasSame(Kind.ACTION, after);
        this.sameShots = before.plan().hasSame(Kind.SHOT, after);
    }

    /** Whether nothing that the figures of a shot and the rules on it look at has changed. */
    boolean holds(Shot shot) {
        return sameGround
                && before.plan().find(Kind.SHOT, shot.id()).filter(shot::equals).isPresent()
                && before.plan().actionOf(shot).equals(after.actionOf(shot))
                && sameUses(shot)
                && (after.house().hold() != HoldSchool.LONG || ends(before.plan(), shot) == ends(after, shot));
    }

    /** The same uses, each followed by a transition of the same kind and length. */
    private boolean sameUses(Shot shot) {
        List<Use> uses = after.usesOf(shot);
        return uses.equals(before.plan().usesOf(shot))
                && uses.stream().allMatch(use -> sameJoin(before.plan().after(use), after.after(use)));
    }

    private static boolean sameJoin(Optional<Use> one, Optional<Use> other) {
        return one.map(Use::joinFrames)
                        .orElse(0)
                        .equals(other.map(Use::joinFrames).orElse(0))
                && one.map(Use::entry).equals(other.map(Use::entry));
    }

    private static boolean ends(Plan plan, Shot shot) {
        List<Use> uses = plan.uses();
        return !uses.isEmpty()
                && (uses.get(0).shotId().equals(shot.id())
                        || uses.get(uses.size() - 1).shotId().equals(shot.id()));
    }

    /** The figures of a shot that holds; the changed plan knows from now on all that follows from it. */
    ShotNumbers numbers(Shot shot) {
        after.keep(before.plan(), shot);
        return before.numbers().get(shot.id());
    }

    /** The holes, where no shot has changed. */
    Optional<List<Hole>> holes() {
        return sameGround && sameActions && sameShots ? Optional.of(before.holes()) : Optional.empty();
    }

    /** The order of the day, where no setup has changed or takes another time. */
    Optional<DayPlan> day(Map<UUID, ShotNumbers> numbers) {
        boolean same = sameGround
                && sameActions
                && sameShots
                && before.plan().hasSame(Kind.TURN, after)
                && before.plan().hasSame(Kind.SHIFT, after)
                && numbers.entrySet().stream()
                        .allMatch(entry -> entry.getValue().shotTimeS()
                                == before.numbers().get(entry.getKey()).shotTimeS());
        return same ? Optional.of(before.day()) : Optional.empty();
    }

    /** Whether every setup stands at the same time as before. */
    boolean sameTimes(DayPlan day) {
        return day.sameTimes(before.day());
    }

    /** How many uses from the front show the same pictures as before. */
    int pictures(PaperCut cut) {
        if (!sameGround || !sameActions) {
            return 0;
        }
        int same = 0;
        int least = Math.min(cut.uses().size(), before.cut().uses().size());
        while (same < least
                && samePicture(before.cut().uses().get(same), cut.uses().get(same))) {
            same++;
        }
        return same;
    }

    private static boolean samePicture(Placed one, Placed other) {
        return one.shot().equals(other.shot()) && one.use().samePicture(other.use());
    }

    /**
     * What was said of a joint before, where its uses, their shots and all pictures before them are the same;
     * the light may have changed.
     */
    Optional<List<Finding>> joint(PaperCut cut, int joint, int samePictures, Set<UUID> heldShots) {
        boolean holds = joint + 1 < samePictures
                && holds(before.cut().outOf(joint), cut.outOf(joint), heldShots)
                && holds(before.cut().into(joint), cut.into(joint), heldShots);
        return holds ? Optional.of(before.joints().get(joint)) : Optional.empty();
    }

    private static boolean holds(Placed one, Placed other, Set<UUID> heldShots) {
        return heldShots.contains(other.shot().id()) && one.use().equals(other.use());
    }

    /** What was said of the meeting of two uses before, where neither they nor their shots have changed. */
    Optional<List<Finding>> met(Placed out, Placed into, Set<UUID> heldShots) {
        if (!sameGround
                || !heldShots.contains(out.shot().id())
                || !heldShots.contains(into.shot().id())) {
            return Optional.empty();
        }
        return Optional.ofNullable(jointsBefore().get(into.use().id()))
                .filter(joint -> before.cut().outOf(joint).use().equals(out.use())
                        && before.cut().into(joint).use().equals(into.use()))
                .map(before.joints()::get);
    }

    /** The joints of the earlier cut by the use that they lead into; made only where a joint has to be judged again. */
    private Map<UUID, Integer> jointsBefore() {
        if (jointsBefore == null) {
            jointsBefore = new HashMap<>();
            for (int joint = 0; joint < before.cut().joints(); joint++) {
                jointsBefore.put(before.cut().into(joint).use().id(), joint);
            }
        }
        return jointsBefore;
    }
}
