package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import upshot.core.coverage.Hole.Want;
import upshot.core.plan.Action;
import upshot.core.plan.Subject;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/** What is asked of a product: the thing's views once, and of each action on it another size beside the one that tells it. */
final class Product {

    private final Shown shown;
    private final List<Hole> holes = new ArrayList<>();

    Product(Shown shown) {
        this.shown = shown;
    }

    /** What is missing of some actions. */
    List<Hole> holes(Predicate<Action> about) {
        shown.happening().stream().filter(about).forEach(this::otherSize);
        thing().ifPresent(thing -> views(thing, about));
        return holes;
    }

    private void otherSize(Action action) {
        Set<SizeClass> sizes = shown.shotsOf(action).stream()
                .map(shot -> shot.size().sizeClass())
                .collect(Collectors.toSet());
        if (!action.onePicture() && shown.owed(action) > 1 && sizes.size() == 1) {
            holes.add(Hole.of(
                    Want.OTHER_SIZE,
                    action.id(),
                    sizes.contains(SizeClass.DETAIL) ? SizeClass.MID : SizeClass.DETAIL,
                    "It is shown in one size alone."));
        }
    }

    /** The thing that most is about. */
    private Optional<Subject> thing() {
        Map<UUID, Long> actions = shown.plan().actions().stream()
                .collect(Collectors.groupingBy(Action::subjectId, Collectors.counting()));
        return shown.plan().subjects().stream()
                .filter(subject -> subject.kind() == SubjectKind.OBJECT && actions.containsKey(subject.id()))
                .max(Comparator.comparing(subject -> actions.get(subject.id())));
    }

    private List<Action> actionsOn(Subject subject) {
        return shown.plan().actions().stream()
                .filter(action -> action.subjectId().equals(subject.id()))
                .toList();
    }

    private void views(Subject thing, Predicate<Action> about) {
        List<Action> actions = actionsOn(thing);
        Action stands = actions.stream().filter(Action::feature).findFirst().orElse(actions.get(0));
        if (!about.test(stands)) {
            return;
        }
        view(thing, stands, SizeClass.WIDE, View.LEVEL, "It never stands there at its own height.");
        view(thing, stands, SizeClass.MID, View.FORTY_FIVE, "Nobody will see it as from a table.");
        view(thing, stands, SizeClass.MID, View.OVERHEAD, "Nobody will see how it is laid out.");
        view(thing, stands, SizeClass.MID, View.TURNING, "Its other sides stay unseen.");
    }

    private void view(Subject thing, Action stands, SizeClass size, View view, String misses) {
        boolean there = actionsOn(thing).stream()
                .flatMap(action -> shown.shotsOf(action).stream())
                .anyMatch(shot -> view.shows(shown.plan(), shot));
        if (!there) {
            holes.add(Hole.seen(Want.VIEW, stands.id(), size, view, misses));
        }
    }
}
