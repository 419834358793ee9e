package upshot.core.coverage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Focus;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Subject;
import upshot.core.plan.Support;
import upshot.core.size.Framing;
import upshot.core.size.Size;
import upshot.core.size.SubjectKind;

/**
 * A shot that could fill a hole, before it stands anywhere: its size and what it is aimed at, whether somebody comes or goes,
 * what carries it.
 */
final class Blanks {

    private static final int UNCODED = 9999;
    private static final double EITHER_SIDE_S = 2;

    private final Plan plan;
    private final Hole hole;
    private final Action action;
    private final UUID id;

    /**
     * @param id of the shot that will be chosen
     */
    Blanks(Plan plan, Hole hole, Action action, UUID id) {
        this.plan = plan;
        this.hole = hole;
        this.action = action;
        this.id = id;
    }

    private Shot viewed(Shot blank) {
        Shot shot = asked(blank);
        return switch (hole.view()) {
            case MASTER -> shot.withHoldS(Math.min(3600, action.durationS() + 2 * EITHER_SIDE_S));
            case TURNING -> shot.withSupport(Support.TURNTABLE);
            case OVERHEAD -> shot.withSupport(Support.OVERHEAD);
            case ANY, LOW, EYE, HIGH, LEVEL, FORTY_FIVE, FRAGMENT -> shot;
        };
    }

    /** What is wanted beside size and view. */
    private Shot asked(Shot shot) {
        return switch (hole.want()) {
            case COMING -> shot.withFrameUse(FrameUse.ENTERS);
            case GOING -> shot.withFrameUse(FrameUse.LEAVES);
            case FRAGMENT -> action.hasThing() ? shot : shot.withAim(Aim.HANDS);
            case WAY_IN -> action.line() == Line.TRAVEL || !placeIsShown() ? shot.withFrameUse(FrameUse.ENTERS) : shot;
            case WAY_OUT -> action.line() == Line.TRAVEL ? shot.withFrameUse(FrameUse.LEAVES) : shot;
            case TELLING, MASTER, SIZE, VIEW, OTHER_SIZE, PERFORMER, FEATURE -> shot;
        };
    }

    /** Where no picture is of the place alone, the first way in holds it empty for a second before somebody comes. */
    private boolean placeIsShown() {
        return plan.subjectOf(action).kind() != SubjectKind.PERSON
                || plan.actions().stream().anyMatch(Action::feature)
                || plan.shots().stream()
                        .anyMatch(shot -> shot.frameUse() == FrameUse.ENTERS
                                && shot.size().fullOrWider());
    }

    /** The sizes of a class, the usual one first; a code is given only to what is proposed. */
    List<Shot> sized() {
        Shot shot = Shot.draft(
                        id,
                        action.id(),
                        action.codePrefix() + UNCODED,
                        plan.brief().rate())
                .withRank(Ranks.after(plan.shotsOf(action)))
                .withTakes(action.once() ? 1 : 2)
                .withSubjectId(hole.performerId().filter(who -> !who.equals(action.subjectId())))
                .withSupport(Candidates.inTheKit(plan, Support.TRIPOD))
                .withPlacement(behind());
        List<Shot> sizes = switch (hole.sizeClass()) {
            case WIDE -> List.of(shot.withSize(Size.WIDE), shot.withSize(Size.FULL));
            case MID ->
                Stream.of(Size.MEDIUM, Size.MEDIUM_FULL, Size.MEDIUM_CLOSE)
                        .map(size -> shot.withSize(size).withSupport(Candidates.inTheKit(plan, Support.HAND_HELD)))
                        .toList();
            case DETAIL -> List.of(detail(shot), extreme(shot));
        };
        return sizes.stream().map(this::viewed).toList();
    }

    /** With room ahead: on the side that somebody who moves or looks comes from. */
    private Placement behind() {
        if (action.line() == Line.NONE) {
            return Placement.CENTRE;
        }
        return action.side() == Side.LEFT_TO_RIGHT ? Placement.LEFT_THIRD : Placement.RIGHT_THIRD;
    }

    /** A detail is of what the action is about: hands on their thing, feet, a face; never the back of a head. */
    private Shot detail(Shot shot) {
        boolean elsewhere =
                action.focus() == Focus.FEET || action.focus() == Focus.WHEELS || action.focus() == Focus.FACE;
        Subject seen = plan.subjectOf(action);
        if (action.focus() == Focus.THING && !action.hasThing() && seen.kind() == SubjectKind.OBJECT) {
            return shot.withInsertHeightM(Optional.of(Framing.insertHeightM(seen.heightM())))
                    .withSize(Size.INSERT)
                    .withAim(Aim.THING);
        }
        return action.hasThing() && !elsewhere && hole.want() != Hole.Want.PERFORMER
                ? shot.withInsertHeightM(Optional.of(Framing.insertHeightM(action.thingHeightM())))
                        .withSize(Size.INSERT)
                : shot.withSize(Size.CLOSE_UP).withAim(closeAim());
    }

    private Shot extreme(Shot shot) {
        return shot.withSize(Size.EXTREME_CLOSE_UP).withAim(closeAim());
    }

    /** A performer's face; of a person whose action is about the whole body, or of whom nobody has said, the hands. */
    private Aim closeAim() {
        if (hole.want() == Hole.Want.PERFORMER) {
            return Aim.FACE;
        }
        Subject seen =
                hole.performerId().map(who -> plan.get(RecordKind.SUBJECT, who)).orElse(plan.subjectOf(action));
        boolean unsaid = action.focus() == Focus.UNSAID || action.focus() == Focus.BODY;
        return unsaid && seen.kind() == SubjectKind.PERSON && !action.speech() && !action.feature()
                ? Aim.HANDS
                : Aim.UNSAID;
    }
}
