package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import upshot.core.coverage.Hole.Want;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Meant;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.Taken;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/** What the school of coverage asks of a plan, held against some of its shots. */
final class Asked {

    private static final int FRAGMENTS = 3;
    private static final int REFRAMED = 3;

    private final Plan plan;
    private final Predicate<Shot> kept;
    private final List<Hole> holes = new ArrayList<>();

    /**
     * @param kept the shots that are there
     */
    Asked(Plan plan, Predicate<Shot> kept) {
        this.plan = plan;
        this.kept = kept;
    }

    private List<Shot> shotsOf(Action action) {
        return plan.shotsOf(action).stream().filter(kept).toList();
    }

    /** Everything that is missing, in story order, the weightiest of an action first. */
    List<Hole> holes() {
        for (Action action : plan.actions()) {
            if (action.feature()) {
                feature(action);
            } else if (shotsOf(action).stream().noneMatch(shot -> TellingPicture.is(plan, shot))) {
                holes.add(Hole.of(
                        Want.TELLING,
                        action.id(),
                        TellingPicture.sizeClass(action),
                        "No picture shows what this is about."));
            }
        }
        switch (plan.house().coverage()) {
            case TRIAD -> Scenes.of(plan).forEach(this::triad);
            case TRIAD_EACH_ACTION -> happening().forEach(action -> triad(List.of(action)));
            case TRIPLE -> happening().forEach(this::triple);
            case PERFORMANCE -> performances().forEach(this::performance);
            case PRODUCT -> product();
        }
        if (!plan.actions().isEmpty()) {
            holes.addAll(new Ways(plan, plan.shots().stream().filter(kept).toList()).holes());
        }
        List<UUID> story = plan.actions().stream().map(Action::id).toList();
        return holes.stream()
                .sorted(Comparator.comparingInt((Hole hole) -> story.indexOf(hole.actionId()))
                        .thenComparing(Hole::sizeClass)
                        .thenComparing(Hole::want))
                .toList();
    }

    private List<Action> happening() {
        return plan.actions().stream().filter(action -> !action.feature()).toList();
    }

    private void feature(Action action) {
        if (shotsOf(action).isEmpty()) {
            holes.add(Hole.of(Want.FEATURE, action.id(), SizeClass.WIDE, "Nothing shows this place or thing."));
        }
    }

    /** Each size once in a scene, of actions of which more than one picture is wanted, as often as they can be taken. */
    private void triad(List<Action> scene) {
        List<Action> wanted =
                scene.stream().filter(action -> !action.onePicture()).toList();
        if (wanted.isEmpty()) {
            return;
        }
        Set<SizeClass> there = scene.stream()
                .flatMap(action -> shotsOf(action).stream())
                .map(shot -> shot.size().sizeClass())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(SizeClass.class)));
        // The picture that tells an action and is missing has a size too; only further sizes are asked for beside it.
        holes.stream()
                .filter(hole -> hole.want() == Want.TELLING)
                .filter(hole -> scene.stream().anyMatch(action -> action.id().equals(hole.actionId())))
                .forEach(hole -> there.add(hole.sizeClass()));
        int owed = wanted.stream().mapToInt(this::owed).max().orElse(0) - there.size();
        Arrays.stream(SizeClass.values())
                .filter(size -> !there.contains(size))
                .limit(Math.max(0, owed))
                .forEach(size -> holes.add(Hole.of(Want.SIZE, wanted.get(0).id(), size, misses(size))));
    }

    /** How many pictures of an action there can be: of what happens once as many as its cameras and reframes take. */
    private int owed(Action action) {
        if (!action.once() || action.stagedAgain()) {
            return SizeClass.values().length;
        }
        return action.taken() == Taken.REFRAMED
                ? REFRAMED
                : action.taken() == Taken.TWO_CAMERAS
                        ? Math.min(2, plan.bodies().size())
                        : 1;
    }

    private static String misses(SizeClass size) {
        return switch (size) {
            case WIDE -> "Nobody will know where this is.";
            case MID -> "Nobody will see who does it.";
            case DETAIL -> "Nothing to cut to: no picture of what it is.";
        };
    }

    private void triple(Action action) {
        if (action.onePicture()) {
            return;
        }
        for (SizeClass size : SizeClass.values()) {
            for (View view : List.of(View.LOW, View.EYE, View.HIGH)) {
                if (missing(action, size, view)) {
                    holes.add(Hole.seen(
                            Want.VIEW,
                            action.id(),
                            size,
                            view,
                            "No %s, %s: the edit stays at one height.".formatted(size.label(), view.label())));
                }
            }
        }
    }

    private boolean missing(Action action, SizeClass size, View view) {
        return shotsOf(action).stream().noneMatch(shot -> shot.size().sizeClass() == size && view.shows(plan, shot));
    }

    /** What several perform, what has a master or goes to a playback; else the longest that a person does. */
    private List<Action> performances() {
        List<Action> marked = happening().stream()
                .filter(action -> !plan.performersOf(action).isEmpty()
                        || action.playback()
                        || plan.shotsOf(action).stream().anyMatch(shot -> shot.meant() == Meant.MASTER))
                .toList();
        return !marked.isEmpty()
                ? marked
                : happening().stream()
                        .filter(action -> plan.subjectOf(action).kind() == SubjectKind.PERSON)
                        .max(Comparator.comparingDouble(Action::durationS))
                        .stream()
                        .toList();
    }

    /** A master of the whole run, then mid and close of each performer, three fragments, coming and going. */
    private void performance(Action action) {
        if (missing(action, SizeClass.WIDE, View.MASTER)) {
            holes.add(Hole.seen(
                    Want.MASTER,
                    action.id(),
                    SizeClass.WIDE,
                    View.MASTER,
                    "No master of the whole run to come back to."));
        }
        for (Subject who : Coverage.performing(plan, action)) {
            performer(action, who, SizeClass.MID, "Nobody will see %s perform.");
            performer(action, who, SizeClass.DETAIL, "No close picture of %s.");
        }
        long fragments = shotsOf(action).stream()
                .filter(shot -> Stand.of(plan, shot).aim().faceless())
                .count();
        for (long have = fragments; have < FRAGMENTS; have++) {
            holes.add(Hole.seen(
                    Want.FRAGMENT, action.id(), SizeClass.DETAIL, View.FRAGMENT, "No fragment to cut away to."));
        }
        passing(action, Want.COMING, FrameUse.ENTERS, "Nobody is seen to come.");
        passing(action, Want.GOING, FrameUse.LEAVES, "Nobody is seen to go.");
    }

    private void performer(Action action, Subject who, SizeClass size, String misses) {
        boolean there = shotsOf(action).stream()
                .anyMatch(shot -> shot.size().sizeClass() == size
                        && plan.subjectOf(shot).id().equals(who.id())
                        && (size == SizeClass.MID || !Stand.of(plan, shot).aim().faceless()));
        if (!there) {
            boolean several = !plan.performersOf(action).isEmpty();
            holes.add(new Hole(
                    Want.PERFORMER,
                    action.id(),
                    size,
                    View.ANY,
                    several ? Optional.of(who.id()) : Optional.empty(),
                    misses.formatted(who.name())));
        }
    }

    private void passing(Action action, Want want, FrameUse use, String misses) {
        boolean there = plan.shots().stream()
                .filter(kept)
                .anyMatch(shot -> shot.frameUse() == use || shot.frameUse() == FrameUse.PASSES);
        if (!there) {
            holes.add(Hole.of(want, action.id(), SizeClass.WIDE, misses));
        }
    }

    /** The thing's views once, and of each action on it another size beside the one that tells it. */
    private void product() {
        for (Action action : happening()) {
            Set<SizeClass> sizes = shotsOf(action).stream()
                    .map(shot -> shot.size().sizeClass())
                    .collect(Collectors.toSet());
            if (!action.onePicture() && owed(action) > 1 && sizes.size() == 1) {
                holes.add(Hole.of(
                        Want.OTHER_SIZE,
                        action.id(),
                        sizes.contains(SizeClass.DETAIL) ? SizeClass.MID : SizeClass.DETAIL,
                        "It is shown in one size alone."));
            }
        }
        thing().ifPresent(this::views);
    }

    /** The thing that most is about. */
    private Optional<Subject> thing() {
        return plan.subjects().stream()
                .filter(subject -> subject.kind() == SubjectKind.OBJECT)
                .filter(subject -> !actionsOn(subject).isEmpty())
                .max(Comparator.comparingInt(subject -> actionsOn(subject).size()));
    }

    private List<Action> actionsOn(Subject subject) {
        return plan.actions().stream()
                .filter(action -> action.subjectId().equals(subject.id()))
                .toList();
    }

    private void views(Subject thing) {
        List<Action> actions = actionsOn(thing);
        Action stands = actions.stream().filter(Action::feature).findFirst().orElse(actions.get(0));
        view(thing, stands, SizeClass.WIDE, View.LEVEL, "It never stands there at its own height.");
        view(thing, stands, SizeClass.MID, View.FORTY_FIVE, "Nobody will see it as from a table.");
        view(thing, stands, SizeClass.MID, View.OVERHEAD, "Nobody will see how it is laid out.");
        view(thing, stands, SizeClass.MID, View.TURNING, "Its other sides stay unseen.");
    }

    private void view(Subject thing, Action stands, SizeClass size, View view, String misses) {
        boolean there = actionsOn(thing).stream()
                .flatMap(action -> shotsOf(action).stream())
                .anyMatch(shot -> view.shows(plan, shot));
        if (!there) {
            holes.add(Hole.seen(Want.VIEW, stands.id(), size, view, misses));
        }
    }
}
