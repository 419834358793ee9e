package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.coverage.Hole.Want;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.SizeClass;

/** What the school of coverage asks of a plan, held against some of its shots. */
final class Asked {

    private final Shown shown;
    private final List<Hole> holes = new ArrayList<>();

    /**
     * @param kept the shots that are there
     */
    Asked(Plan plan, Predicate<Shot> kept) {
        this.shown = new Shown(plan, kept);
    }

    /** Everything that is missing, in story order, the weightiest of an action first. */
    List<Hole> holes() {
        return holes(action -> true);
    }

    /** What is missing of some actions, and of the job as a whole; see {@link #together}. */
    List<Hole> holes(Predicate<Action> about) {
        Plan plan = shown.plan();
        plan.actions().stream().filter(about).forEach(this::told);
        switch (plan.house().coverage()) {
            case TRIAD ->
                Scenes.of(plan).stream()
                        .filter(scene -> about.test(scene.get(0)))
                        .forEach(this::triad);
            case TRIAD_EACH_ACTION ->
                shown.happening().stream().filter(about).forEach(action -> triad(List.of(action)));
            case TRIPLE -> shown.happening().stream().filter(about).forEach(this::triple);
            case PERFORMANCE -> holes.addAll(new Performances(shown).holes(about));
            case PRODUCT -> holes.addAll(new Product(shown).holes(about));
        }
        if (!plan.actions().isEmpty()) {
            holes.addAll(new Ways(plan, shown.shots()).holes());
        }
        return holes.stream().sorted(inStoryOrder(plan)).toList();
    }

    static Comparator<Hole> inStoryOrder(Plan plan) {
        return Comparator.comparingInt((Hole hole) -> plan.placeInStory(hole.actionId()))
                .thenComparing(Hole::want)
                .thenComparing(Hole::sizeClass);
    }

    /** The actions of which something can be missing or not by a shot of one of them. */
    static Set<UUID> together(Plan plan, Action action) {
        Stream<Action> together = switch (plan.house().coverage()) {
            case TRIAD ->
                Scenes.of(plan).stream()
                        .filter(scene -> scene.contains(action))
                        .findFirst()
                        .orElse(List.of(action))
                        .stream();
            case PRODUCT ->
                plan.actions().stream().filter(one -> one.subjectId().equals(action.subjectId()));
            case TRIAD_EACH_ACTION, TRIPLE, PERFORMANCE -> Stream.of(action);
        };
        return together.map(Action::id).collect(Collectors.toSet());
    }

    private void told(Action action) {
        if (action.feature()) {
            feature(action);
        } else if (shown.shotsOf(action).stream().noneMatch(shot -> TellingPicture.is(shown.plan(), shot))) {
            holes.add(Hole.of(
                    Want.TELLING,
                    action.id(),
                    TellingPicture.sizeClass(action),
                    "No picture shows what this is about."));
        }
    }

    private void feature(Action action) {
        if (shown.shotsOf(action).isEmpty()) {
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
                .flatMap(action -> shown.shotsOf(action).stream())
                .map(shot -> shot.size().sizeClass())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(SizeClass.class)));
        Set<UUID> own = scene.stream().map(Action::id).collect(Collectors.toSet());
        // The picture that tells an action and is missing has a size too; only further sizes are asked for beside it.
        holes.stream()
                .filter(hole -> hole.want() == Want.TELLING)
                .filter(hole -> own.contains(hole.actionId()))
                .forEach(hole -> there.add(hole.sizeClass()));
        int owed = wanted.stream().mapToInt(shown::owed).max().orElse(0) - there.size();
        Arrays.stream(SizeClass.values())
                .filter(size -> !there.contains(size))
                .limit(Math.max(0, owed))
                .forEach(size -> holes.add(Hole.of(Want.SIZE, wanted.get(0).id(), size, misses(size))));
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
                if (shown.lacks(action, size, view)) {
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
}
