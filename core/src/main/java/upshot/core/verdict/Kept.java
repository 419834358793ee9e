package upshot.core.verdict;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.house.HoldSchool;
import upshot.core.order.DayPlan;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/**
 * What of an earlier verdict still holds for a changed plan. Whatever a rule may look at has to be the same: the ground
 * (everything but actions, shots and uses), the shot with its action and uses, and for a joint the cut up to it. When in
 * doubt nothing is kept, and it is judged again.
 */
final class Kept {

    private static final Set<Kind<?>> MOVING = Set.of(Kind.ACTION, Kind.SHOT, Kind.USE);

    private final Verdict before;
    private final Plan after;
    private final boolean sameGround;
    private final boolean sameActions;

    Kept(Verdict before, Plan after) {
        this.before = before;
        this.after = after;
        this.sameGround = Kind.PARENT_FIRST.stream()
                .filter(kind -> !MOVING.contains(kind))
                .allMatch(kind -> before.plan().hasSame(kind, after));
        this.sameActions = before.plan().hasSame(Kind.ACTION, after);
    }

    /** Whether nothing that the figures of a shot and the rules on it look at has changed. */
    boolean holds(Shot shot) {
        return sameGround
                && before.plan().find(Kind.SHOT, shot.id()).filter(shot::equals).isPresent()
                && before.plan().actionOf(shot).equals(after.actionOf(shot))
                && usesAndWhatFollows(before.plan(), shot).equals(usesAndWhatFollows(after, shot))
                && (after.house().hold() != HoldSchool.LONG || ends(before.plan(), shot) == ends(after, shot));
    }

    private static List<List<Object>> usesAndWhatFollows(Plan plan, Shot shot) {
        return plan.usesOf(shot).stream()
                .map(use -> List.<Object>of(
                        use,
                        plan.after(use).map(Use::joinFrames).orElse(0),
                        plan.after(use).map(next -> next.entry().name()).orElse("")))
                .toList();
    }

    private static boolean ends(Plan plan, Shot shot) {
        List<Use> uses = plan.uses();
        return !uses.isEmpty()
                && (uses.get(0).shotId().equals(shot.id())
                        || uses.get(uses.size() - 1).shotId().equals(shot.id()));
    }

    /** The order of the day, where no setup has changed or takes another time. */
    Optional<DayPlan> day(Set<UUID> heldShots) {
        boolean same = sameGround
                && sameActions
                && before.plan().hasSame(Kind.SHOT, after)
                && heldShots.size() == after.shots().size();
        return same ? Optional.of(before.day()) : Optional.empty();
    }

    /** How many joints from the front still hold: the uses up to them are the same, of shots that hold. */
    int joints(PaperCut cut, Set<UUID> heldShots, DayPlan day) {
        if (!sameGround || !sameActions || !day.equals(before.day())) {
            return 0;
        }
        int same = 0;
        int least = Math.min(cut.uses().size(), before.cut().uses().size());
        while (same < least
                && samePlace(before.cut().uses().get(same), cut.uses().get(same), heldShots)) {
            same++;
        }
        return Math.max(0, same - 1);
    }

    private static boolean samePlace(Placed one, Placed other, Set<UUID> heldShots) {
        return heldShots.contains(other.shot().id()) && one.use().equals(other.use());
    }
}
