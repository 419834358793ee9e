package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import upshot.core.finding.Status;
import upshot.core.ground.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Consent;
import upshot.core.plan.Meant;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.shot.ReadyChecks;
import upshot.core.shot.ShotRule;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/**
 * Proposes a shot for each hole: on the kept side of the line, at least 30° or a clear size step from the action's
 * other shots, at a height that suits the size, with a lens of the kit that fits the room, the sun behind or beside, at
 * the rate of the school. The same plan gets the same proposal; nothing that exists is changed.
 */
public final class Fill {

    /** More than any job has holes. */
    private static final int MOST = 2000;

    /** Of those that suit, as many are looked at for one that nothing breaks. */
    private static final int LOOKED_AT = 12;

    private final Supplier<UUID> ids;
    private final Codes codes;

    /**
     * @param ids where new ids come from
     * @param codes gives the new shots their codes
     */
    public Fill(Supplier<UUID> ids, Codes codes) {
        this.ids = ids;
        this.codes = codes;
    }

    /** A shot for a hole, with the reason why it is as it is. */
    public record Proposed(Hole hole, Shot shot, String reason) {}

    /** A hole that stays open, with what would have to change. */
    public record Refused(Hole hole, String why) {}

    /** What was found for the holes asked for. */
    public record Outcome(List<Proposed> proposed, List<Refused> refused) {}

    /** Shots for all holes that pass, in the order of the holes. */
    public Change.Batch propose(Plan plan, Predicate<Hole> wanted) {
        return Change.batch(outcome(plan, wanted).proposed().stream()
                .map(one -> (Change) new Change.Add(one.shot()))
                .toList());
    }

    /** The same with their reasons, and the holes for which nothing can be made. */
    public Outcome outcome(Plan plan, Predicate<Hole> wanted) {
        Growing growing = new Growing(plan);
        OpenHoles open = new OpenHoles(plan, wanted);
        for (Optional<Hole> next = open.next(); next.isPresent() && growing.added.size() < MOST; next = open.next()) {
            Hole hole = next.get();
            Plan before = growing.plan;
            if (Obstacle.happensOnce(before, hole)) {
                open.refuse(new Refused(hole, Obstacle.once(before, hole)));
            } else if (growing.add(hole, suiting(before, hole, one -> closes(before, hole, one)))) {
                open.filled(growing.plan, growing.plan.get(RecordKind.ACTION, hole.actionId()));
            } else {
                open.refuse(new Refused(hole, Obstacle.to(before, hole, ids.get())));
            }
        }
        for (Hole more : Further.of(growing.plan)) {
            if (wanted.test(more) && Further.hasRoom(growing.plan)) {
                growing.add(more, suiting(growing.plan, more, one -> true));
            }
        }
        return new Outcome(growing.added, open.refused());
    }

    /** A plan into which shots come one by one. */
    private final class Growing {

        private final List<Proposed> added = new ArrayList<>();
        private Plan plan;

        Growing(Plan plan) {
            this.plan = plan;
        }

        boolean add(Hole hole, Optional<Shot> found) {
            found.ifPresent(shot -> {
                Shot coded = coded(plan.get(RecordKind.ACTION, hole.actionId()), shot);
                Plan before = plan;
                plan = plan.apply(new Change.Add(coded));
                added.add(new Proposed(hole, coded, FillReason.of(before, plan, coded)));
            });
            return found.isPresent();
        }
    }

    /** One picture more of each action that is covered and has no bonus yet, from where nobody expects it. */
    public Outcome extras(Plan plan) {
        Growing growing = new Growing(plan);
        for (Action action : plan.actions()) {
            boolean covered = Coverage.holes(plan, action).isEmpty()
                    && plan.shotsOf(action).stream().noneMatch(shot -> shot.priority() == Priority.BONUS);
            for (View view : covered && !action.feature() ? List.of(View.LOW, View.HIGH) : List.<View>of()) {
                Hole hole = Hole.seen(Hole.Want.VIEW, action.id(), SizeClass.MID, view, "");
                Optional<Shot> shot =
                        suiting(growing.plan, hole, one -> true).map(one -> one.withPriority(Priority.BONUS));
                if (growing.add(hole, shot)) {
                    break;
                }
            }
        }
        return new Outcome(growing.added, List.of());
    }

    private Shot coded(Action action, Shot shot) {
        return shot.withCode(codes.next(action.codePrefix()));
    }

    private Optional<Shot> suiting(Plan plan, Hole hole, Predicate<Shot> closing) {
        return unbroken(
                        plan,
                        new Candidates(plan, hole, ids.get())
                                .all()
                                .filter(shot -> suits(plan, hole, shot))
                                .limit(LOOKED_AT)
                                .map(shot -> FillMoves.following(plan, shot))
                                .filter(closing))
                .map(shot -> FillMoves.entering(plan, hole, shot, moved -> closes(plan, hole, moved)))
                .map(shot -> shot.withMeant(meant(hole)))
                .map(shot -> shot.withPriority(hole.want().must() ? Priority.MUST : Priority.SHOULD))
                .map(shot -> withForeground(plan, hole, shot))
                .map(shot -> FillRate.chosen(plan, shot, faster -> suits(plan, hole, faster)));
    }

    /** The first that nothing breaks, else the first; what is through the frame before it is seen is none. */
    private static Optional<Shot> unbroken(Plan plan, Stream<Shot> suiting) {
        Shot first = null;
        for (Iterator<Shot> shots = suiting.iterator(); shots.hasNext(); ) {
            Shot shot = shots.next();
            if (!breaks(plan, shot)) {
                return Optional.of(shot);
            }
            first = first == null && !gone(plan, shot) ? shot : first;
        }
        return Optional.ofNullable(first);
    }

    private static Meant meant(Hole hole) {
        return switch (hole.want()) {
            case WAY_IN -> Meant.FIRST;
            case WAY_OUT -> Meant.LAST;
            case MASTER -> Meant.MASTER;
            case TELLING, SIZE, VIEW, OTHER_SIZE, PERFORMER, FRAGMENT, COMING, GOING, FEATURE -> Meant.ANYTHING;
        };
    }

    static boolean suits(Plan plan, Hole hole, Shot shot) {
        return Candidates.carries(plan, shot.support())
                && ShotRule.canStand(plan, shot)
                && hole.view().shows(plan, shot)
                && mayBeSeen(plan, shot)
                && distinct(plan, shot);
    }

    /** Who has refused consent is not shown so that one would know them. */
    private static boolean mayBeSeen(Plan plan, Shot shot) {
        return plan.subjectOf(shot).consent() != Consent.REFUSED
                || shot.size().compareTo(Size.WIDE) <= 0
                || !ReadyChecks.showsAFace(plan, shot);
    }

    static boolean distinct(Plan plan, Shot shot) {
        return plan.shotsOf(plan.actionOf(shot)).stream()
                .allMatch(other -> Likeness.between(plan, other, shot).clear());
    }

    static boolean breaks(Plan plan, Shot shot) {
        return ShotRule.judgeAll(plan, shot).stream().anyMatch(finding -> finding.status() == Status.BREAK);
    }

    static boolean gone(Plan plan, Shot shot) {
        return ShotRule.judgeAll(plan, shot).stream()
                .anyMatch(finding ->
                        finding.ruleId().equals(ShotRule.QUICK_CROSSING) && finding.status() == Status.BREAK);
    }

    /** Whether one hole of its kind less is open with a shot. */
    private static boolean closes(Plan plan, Hole hole, Shot shot) {
        return switch (hole.want()) {
            case SIZE, FEATURE -> true;
            case TELLING -> TellingPicture.is(plan, shot);
            case MASTER, WAY_IN, WAY_OUT, VIEW, OTHER_SIZE, PERFORMER, FRAGMENT, COMING, GOING ->
                OpenHoles.closes(plan, plan.apply(new Change.Add(shot.withMeant(meant(hole)))), hole);
        };
    }

    private static Shot withForeground(Plan plan, Hole hole, Shot shot) {
        StoryBeat beat = plan.get(RecordKind.BEAT, plan.actionOf(shot).beatId());
        boolean lacking = hole.view() == View.ANY
                && hole.sizeClass() != SizeClass.DETAIL
                && shotsOf(plan, beat).stream().noneMatch(Shot::foreground);
        return lacking ? shot.withForeground(true) : shot;
    }

    static List<Shot> shotsOf(Plan plan, StoryBeat beat) {
        return plan.actionsOf(beat).stream()
                .flatMap(action -> plan.shotsOf(action).stream())
                .toList();
    }
}
