package upshot.core.verdict;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.coverage.Hole;
import upshot.core.cut.PaperCut;
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

    /** What was said of the joints; nothing where a rule may look at something else than the uses that changed. */
    Optional<KeptJoints> joints(PaperCut cut, Set<UUID> heldShots, DayPlan day) {
        return sameGround && sameActions
                ? Optional.of(new KeptJoints(before, cut, heldShots, day.sameTimes(before.day())))
                : Optional.empty();
    }
}
