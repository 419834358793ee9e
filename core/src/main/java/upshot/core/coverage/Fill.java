package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import upshot.core.finding.Status;
import upshot.core.ground.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Support;
import upshot.core.shot.ShotRule;
import upshot.core.size.SizeClass;

/**
 * Proposes a shot for each hole: on the kept side of the line, at least 30° or a clear size step from the action's
 * other shots, at a height that suits the size, with a lens of the kit that fits the room, the sun behind or beside, at
 * the rate of the school. The same plan gets the same proposal; nothing that exists is changed.
 */
public final class Fill {

    private static final double ENTRY_MOVE_M = 0.8;

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
        return outcome(plan, Coverage.holes(plan).stream().filter(wanted).toList());
    }

    /** One picture more of each action that is covered and has no bonus yet, from where nobody expects it. */
    public Outcome extras(Plan plan) {
        List<Proposed> extras = new ArrayList<>();
        Plan grown = plan;
        for (Action action : plan.actions()) {
            boolean covered = Coverage.holes(plan, action).isEmpty()
                    && plan.shotsOf(action).stream().noneMatch(shot -> shot.priority() == Priority.BONUS);
            for (View view : covered && !action.feature() ? List.of(View.LOW, View.HIGH) : List.<View>of()) {
                Hole hole = new Hole(action.id(), SizeClass.MID, view, Optional.empty(), "");
                Optional<Shot> shot = suiting(grown, hole).map(one -> one.withPriority(Priority.BONUS));
                if (shot.isPresent()) {
                    Shot coded = coded(action, shot.get());
                    grown = grown.apply(new Change.Add(coded));
                    extras.add(new Proposed(hole, coded, FillReason.of(grown, coded)));
                    break;
                }
            }
        }
        return new Outcome(extras, List.of());
    }

    private Outcome outcome(Plan plan, List<Hole> holes) {
        List<Proposed> added = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        Plan grown = plan;
        for (Hole hole : holes) {
            Optional<Shot> shot = suiting(grown, hole);
            if (shot.isPresent()) {
                Shot coded = coded(grown.get(RecordKind.ACTION, hole.actionId()), shot.get());
                grown = grown.apply(new Change.Add(coded));
                added.add(new Proposed(hole, coded, FillReason.of(grown, coded)));
            } else {
                refused.add(new Refused(hole, Obstacle.to(grown, hole, ids.get())));
            }
        }
        return new Outcome(added, refused);
    }

    private Shot coded(Action action, Shot shot) {
        return shot.withCode(codes.next(action.codePrefix()));
    }

    private Optional<Shot> suiting(Plan plan, Hole hole) {
        return new Candidates(plan, hole, ids.get())
                .all()
                .filter(shot -> suits(plan, hole, shot))
                .findFirst()
                .map(shot -> following(plan, shot))
                .map(shot -> entering(plan, hole, shot))
                .map(shot -> withForeground(plan, hole, shot))
                .map(shot -> FillRate.chosen(plan, shot, faster -> suits(plan, hole, faster)));
    }

    static boolean suits(Plan plan, Hole hole, Shot shot) {
        return Candidates.carries(plan, shot.support())
                && ShotRule.canStand(plan, shot)
                && hole.view().shows(plan, shot)
                && distinct(plan, shot);
    }

    static boolean distinct(Plan plan, Shot shot) {
        return plan.shotsOf(plan.actionOf(shot)).stream()
                .allMatch(other -> Likeness.between(plan, other, shot).clear());
    }

    /** Somebody who is through a still frame before the use is over is followed. */
    private static Shot following(Plan plan, Shot shot) {
        boolean gone = ShotRule.judgeAll(plan, shot).stream()
                .anyMatch(finding ->
                        finding.ruleId().equals(ShotRule.QUICK_CROSSING) && finding.status() == Status.BREAK);
        return gone ? shot.withMove(Move.FOLLOW).withReason(MoveReason.FOLLOWS) : shot;
    }

    /** An opening is entered and an ending left by a move, where nothing in the beat moves yet. */
    private static Shot entering(Plan plan, Hole hole, Shot shot) {
        StoryBeat beat = plan.get(RecordKind.BEAT, plan.actionOf(shot).beatId());
        boolean asked = beat.role() != StoryBeat.Role.BODY
                && hole.view() == View.ANY
                && hole.sizeClass() == SizeClass.WIDE
                && shot.move() == Move.STILL
                && shotsOf(plan, beat).stream().noneMatch(other -> other.move().moving());
        Optional<Support> carrier = List.of(Support.GIMBAL, Support.SLIDER).stream()
                .filter(support -> asked && Candidates.carries(plan, support))
                .findFirst();
        return carrier.map(support -> shot.withSupport(support)
                        .withMove(beat.role() == StoryBeat.Role.OPENING ? Move.PUSH : Move.PULL)
                        .withMoveM(ENTRY_MOVE_M)
                        .withReason(MoveReason.REVEALS))
                .filter(moved -> ShotRule.canStand(plan, moved))
                .orElse(shot);
    }

    private static Shot withForeground(Plan plan, Hole hole, Shot shot) {
        StoryBeat beat = plan.get(RecordKind.BEAT, plan.actionOf(shot).beatId());
        boolean lacking = hole.view() == View.ANY
                && hole.sizeClass() != SizeClass.DETAIL
                && shotsOf(plan, beat).stream().noneMatch(Shot::foreground);
        return lacking ? shot.withForeground(true) : shot;
    }

    private static List<Shot> shotsOf(Plan plan, StoryBeat beat) {
        return plan.actionsOf(beat).stream()
                .flatMap(action -> plan.shotsOf(action).stream())
                .toList();
    }
}
