package upshot.core.coverage;

import java.util.function.Predicate;
import java.util.stream.Stream;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Support;
import upshot.core.shot.ShotRule;
import upshot.core.size.SizeClass;

/** How a proposed shot moves: after somebody who would be gone, or into the film and out of it. */
final class FillMoves {

    private static final double ENTRY_MOVE_M = 0.8;
    private static final double ENTRY_TURN_DEG = 10;

    private FillMoves() {}

    /** Somebody who is through a still frame before the use is over is followed. */
    static Shot following(Plan plan, Shot shot) {
        if (!Fill.gone(plan, shot)) {
            return shot;
        }
        Shot pursuing = shot.withReason(MoveReason.FOLLOWS);
        Stream<Shot> along = Stream.of(Support.GIMBAL, Support.HAND_HELD)
                .filter(support -> Candidates.carries(plan, support))
                .map(support -> pursuing.withMove(Move.FOLLOW).withSupport(support));
        return Stream.concat(along, Stream.of(pursuing.withMove(Move.PAN)))
                .filter(moved -> ShotRule.canStand(plan, moved))
                .filter(moved -> !Fill.breaks(plan, moved))
                .findFirst()
                .orElse(shot);
    }

    /**
     * An opening is entered and an ending left by a move, where nothing in the beat moves yet; a further way in or out goes
     * another way than those there are.
     *
     * @param closing whether a shot fills the hole that is looked at
     */
    static Shot entering(Plan plan, Hole hole, Shot shot, Predicate<Shot> closing) {
        StoryBeat beat = plan.get(RecordKind.BEAT, plan.actionOf(shot).beatId());
        boolean way = hole.want() == Hole.Want.WAY_IN || hole.want() == Hole.Want.WAY_OUT;
        boolean usual = beat.role() != StoryBeat.Role.BODY
                && hole.view() == View.ANY
                && hole.sizeClass() == SizeClass.WIDE
                && Fill.shotsOf(plan, beat).stream()
                        .noneMatch(other -> other.move().moving());
        if (shot.move().moving() || !way && !usual) {
            return shot;
        }
        boolean in = way ? hole.want() == Hole.Want.WAY_IN : beat.role() == StoryBeat.Role.OPENING;
        return moves(plan, shot, in ? Move.PUSH : Move.PULL)
                .filter(moved -> ShotRule.canStand(plan, moved))
                .filter(moved -> !way || closing.test(moved))
                .findFirst()
                .orElse(shot);
    }

    /** On what carries a camera, else turning on the spot. */
    private static Stream<Shot> moves(Plan plan, Shot shot, Move along) {
        Stream<Shot> carried = Stream.of(Support.GIMBAL, Support.SLIDER)
                .filter(support -> Candidates.carries(plan, support))
                .map(support -> shot.withSupport(support)
                        .withMove(along)
                        .withMoveM(ENTRY_MOVE_M)
                        .withReason(MoveReason.REVEALS));
        Stream<Shot> turned = Stream.of(Move.PAN, Move.TILT)
                .map(move -> steadied(plan, shot)
                        .withMove(move)
                        .withTurnDeg(ENTRY_TURN_DEG)
                        .withReason(MoveReason.REVEALS));
        return Stream.concat(carried, turned);
    }

    /** What only turns does so on legs, where they reach. */
    private static Shot steadied(Plan plan, Shot shot) {
        Shot onLegs = shot.withSupport(Support.TRIPOD);
        return Candidates.carries(plan, Support.TRIPOD) && ShotRule.canStand(plan, onLegs) ? onLegs : shot;
    }
}
