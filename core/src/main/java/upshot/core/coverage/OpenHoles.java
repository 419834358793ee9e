package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/**
 * The holes of a plan while it is being filled, in story order. After each shot only what it can have changed is asked anew:
 * asking for everything took a third of a minute in a job of 200 actions.
 */
final class OpenHoles {

    private final Predicate<Hole> wanted;
    private final List<Fill.Refused> refused = new ArrayList<>();
    private Plan plan;
    private List<Hole> open;

    OpenHoles(Plan plan, Predicate<Hole> wanted) {
        this.wanted = wanted;
        this.plan = plan;
        this.open = Coverage.all(plan).stream().filter(wanted).toList();
    }

    /** The first that counts. */
    Optional<Hole> next() {
        boolean room = Coverage.hasRoom(plan);
        return open.stream()
                .filter(hole -> room || hole.want().alwaysCounts() || hole.want() == Hole.Want.FEATURE)
                .min(Comparator.comparingInt(OpenHoles::grade));
    }

    /** What the story cannot do without, then what makes the place, then the rest; each in story order. */
    private static int grade(Hole hole) {
        return hole.want().must() ? 0 : hole.want() == Hole.Want.FEATURE ? 1 : 2;
    }

    /** A shot of an action came in. */
    void filled(Plan grown, Action action) {
        plan = grown;
        Set<UUID> together = Asked.together(plan, action);
        Stream<Hole> untouched = open.stream()
                .filter(hole ->
                        !together.contains(hole.actionId()) && !hole.want().ofTheJob());
        open = Stream.concat(untouched, Coverage.around(plan, action).stream().filter(this::stillAsked))
                .sorted(Asked.inStoryOrder(plan))
                .toList();
    }

    private boolean stillAsked(Hole hole) {
        return wanted.test(hole) && refused.stream().noneMatch(one -> one.hole().equals(hole));
    }

    /** Nothing can be made for it. */
    void refuse(Fill.Refused one) {
        refused.add(one);
        open = open.stream().filter(hole -> !hole.equals(one.hole())).toList();
    }

    List<Fill.Refused> refused() {
        return List.copyOf(refused);
    }

    /** Whether one less of its kind is missing with a shot of its action more. */
    static boolean closes(Plan plan, Plan grown, Hole hole) {
        return count(grown, hole) < count(plan, hole);
    }

    private static long count(Plan plan, Hole hole) {
        Action action = plan.get(RecordKind.ACTION, hole.actionId());
        return Coverage.around(plan, action).stream().filter(hole::equals).count();
    }
}
