package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import upshot.core.coverage.Hole.Want;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Meant;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/**
 * What is asked of performances: a master of the whole run, then mid and close of each performer, three fragments; and that
 * somebody is seen to come and to go. A performance is what several take part in, what has a master or goes to a playback;
 * where nothing does, the longest that a person does.
 */
final class Performances {

    private static final int FRAGMENTS = 3;

    private final Shown shown;
    private final List<Action> performances;
    private final List<Hole> holes = new ArrayList<>();

    Performances(Shown shown) {
        this.shown = shown;
        this.performances = performances(shown);
    }

    /** What is missing of some of them, and of all together. */
    List<Hole> holes(Predicate<Action> about) {
        performances.stream().filter(about).forEach(this::performance);
        passing(
                FrameUse::comes,
                action -> Hole.of(Want.COMING, action.id(), SizeClass.WIDE, "Nobody is seen to come."));
        passing(FrameUse::goes, action -> Hole.of(Want.GOING, action.id(), SizeClass.WIDE, "Nobody is seen to go."));
        return holes;
    }

    private void passing(Predicate<FrameUse> way, Function<Action, Hole> missing) {
        if (shown.shots().stream().map(Shot::frameUse).noneMatch(way)) {
            performances.stream().map(missing).forEach(holes::add);
        }
    }

    private static List<Action> performances(Shown shown) {
        List<Action> marked = shown.happening().stream()
                .filter(action -> !shown.plan().performersOf(action).isEmpty()
                        || action.playback()
                        || shown.plan().shotsOf(action).stream().anyMatch(shot -> shot.meant() == Meant.MASTER))
                .toList();
        return !marked.isEmpty()
                ? marked
                : shown.happening().stream()
                        .filter(action -> shown.plan().subjectOf(action).kind() == SubjectKind.PERSON)
                        .max(Comparator.comparingDouble(Action::durationS))
                        .stream()
                        .toList();
    }

    private void performance(Action action) {
        if (shown.lacks(action, SizeClass.WIDE, View.MASTER)) {
            holes.add(Hole.seen(
                    Want.MASTER,
                    action.id(),
                    SizeClass.WIDE,
                    View.MASTER,
                    "No master of the whole run to come back to."));
        }
        for (Subject who : Coverage.performing(shown.plan(), action)) {
            performer(action, who, SizeClass.MID, "Nobody will see %s perform.");
            performer(action, who, SizeClass.DETAIL, "No close picture of %s.");
        }
        long fragments = shown.shotsOf(action).stream()
                .filter(shot -> Stand.of(shown.plan(), shot).aim().faceless())
                .count();
        for (long have = fragments; have < FRAGMENTS; have++) {
            holes.add(Hole.seen(
                    Want.FRAGMENT, action.id(), SizeClass.DETAIL, View.FRAGMENT, "No fragment to cut away to."));
        }
    }

    private void performer(Action action, Subject who, SizeClass size, String misses) {
        boolean there = shown.shotsOf(action).stream()
                .anyMatch(shot -> shot.size().sizeClass() == size
                        && shown.plan().subjectOf(shot).id().equals(who.id())
                        && (size == SizeClass.MID
                                || !Stand.of(shown.plan(), shot).aim().faceless()));
        if (!there) {
            boolean several = !shown.plan().performersOf(action).isEmpty();
            holes.add(new Hole(
                    Want.PERFORMER,
                    action.id(),
                    size,
                    View.ANY,
                    several ? Optional.of(who.id()) : Optional.empty(),
                    misses.formatted(who.name())));
        }
    }
}
