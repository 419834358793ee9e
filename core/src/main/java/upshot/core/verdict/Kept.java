package upshot.core.verdict;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.house.HoldSchool;
import upshot.core.order.DayPlan;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Action;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
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
    private final boolean sameUses;

    Kept(Verdict before, Plan after) {
        this.before = before;
        this.after = after;
        this.sameGround = Kind.PARENT_FIRST.stream()
                .filter(kind -> !MOVING.contains(kind))
                .allMatch(kind -> before.plan().hasSame(kind, after));
        this.sameActions = before.plan().hasSame(Kind.ACTION, after);
        this.sameShots = before.plan().hasSame(Kind.SHOT, after);
        this.sameUses = before.plan().hasSame(Kind.USE, after);
    }

    /** Whether nothing that the figures of a shot and the rules on it look at has changed. */
    boolean holds(Shot shot) {
        return sameGround
                && (sameShots || same(Kind.SHOT, shot))
                && (sameActions || same(Kind.ACTION, after.actionOf(shot)))
                && (sameUses || sameUses(shot));
    }

    private <R extends PlanRecord> boolean same(Kind<R> kind, R one) {
        return before.plan().find(kind, one.id()).filter(one::equals).isPresent();
    }

    /**
     * The same uses, each followed by a transition of the same kind and length; and none of them first or last now where
     * that counts.
     */
    private boolean sameUses(Shot shot) {
        List<Use> uses = after.usesOf(shot);
        if (!uses.equals(before.plan().usesOf(shot))) {
            return false;
        }
        for (Use use : uses) {
            if (!sameJoin(before.plan().after(use), after.after(use))) {
                return false;
            }
        }
        return after.house().hold() != HoldSchool.LONG || ends(before.plan(), shot) == ends(after, shot);
    }

    private static boolean sameJoin(Optional<Use> one, Optional<Use> other) {
        return one.isPresent() && other.isPresent()
                ? one.get().joinFrames() == other.get().joinFrames()
                        && one.get().entry() == other.get().entry()
                : one.isEmpty() && other.isEmpty();
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

    /** Lets the changed plan know what follows from actions that are the same, with all of their shots. */
    void actions(Set<UUID> heldShots) {
        if (sameGround && before.plan().hasSame(Kind.SHIFT, after)) {
            for (Action action : after.actions()) {
                List<Shot> shots = after.shotsOf(action);
                if ((sameShots || shots.equals(before.plan().shotsOf(action)))
                        && shots.stream().allMatch(shot -> heldShots.contains(shot.id()))
                        && (sameActions || same(Kind.ACTION, action))) {
                    after.keep(before.plan(), action);
                }
            }
        }
    }

    /** The order of the day; the very same where no setup has changed or takes another time. */
    DayPlan day(Map<UUID, ShotNumbers> numbers) {
        boolean same = sameGround
                && sameActions
                && sameShots
                && before.plan().hasSame(Kind.TURN, after)
                && before.plan().hasSame(Kind.SHIFT, after)
                && numbers.entrySet().stream()
                        .allMatch(entry -> entry.getValue().shotTimeS()
                                == before.numbers().get(entry.getKey()).shotTimeS());
        return same ? before.day() : ShootingOrder.after(before.day(), after);
    }

    /** What was said of the joints; nothing where a rule may look at something else than the uses that changed. */
    Optional<KeptJoints> joints(PaperCut cut, Set<UUID> heldShots, DayPlan day) {
        return sameGround && sameActions
                ? Optional.of(new KeptJoints(before, cut, heldShots, day.sameRolls(before.day())))
                : Optional.empty();
    }
}
