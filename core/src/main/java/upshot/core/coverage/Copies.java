package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.shot.Recording;
import upshot.core.size.Framing;
import upshot.core.size.Size;

/** New shots made from one that is there: the same again, for another action, for the ending, tighter, or split. */
public final class Copies {

    /** A tighter size cut out of a picture counts as a size of its own from this step on. */
    private static final double CREDITED_RATIO = 1.7;

    private static final double ROUNDING = 1e-9;

    private Copies() {}

    /** The same shot once more, right after it. */
    public static Shot duplicate(Plan plan, Shot shot, UUID id, String code) {
        return coded(shot, id, code).withRank(rankAfter(plan, shot));
    }

    /**
     * The same size from the same stand of another action: kept on that action's own side of the line, without the
     * reference still and the note, which belong to the one that is copied. A thing of another height is shown whole.
     */
    public static Shot forAction(Plan plan, Shot shot, Action action, UUID id, String code) {
        boolean otherSide = plan.actionOf(shot).side() != action.side();
        Shot copy = coded(shot, id, code)
                .withActionId(action.id())
                .withSubjectId(Optional.empty())
                .withRank(Ranks.after(plan.shotsOf(action)))
                .withBearingDeg(otherSide ? Degrees.wrap(-shot.bearingDeg()) : shot.bearingDeg())
                .withTakes(action.once() ? 1 : shot.takes())
                .withStill("")
                .withNote("");
        return shot.size() == Size.INSERT && action.hasThing()
                ? copy.withInsertHeightM(Optional.of(Framing.insertHeightM(action.thingHeightM())))
                : copy;
    }

    /**
     * The same picture to close with, its move played the other way; it belongs to an action of the ending, at the same
     * spot where there is one. Empty while nothing happens in an ending.
     */
    public static Optional<Shot> forEnding(Plan plan, Shot shot, UUID id, String code) {
        return ending(plan, shot)
                .map(action -> forAction(plan, shot, action, id, code)
                        .withBearingDeg(shot.bearingDeg())
                        .withMove(reversed(shot.move())));
    }

    /** The action of the ending that a picture would be mirrored into. */
    public static Optional<Action> ending(Plan plan, Shot shot) {
        List<Action> endings = plan.actions().stream()
                .filter(action -> plan.get(RecordKind.BEAT, action.beatId()).role() == StoryBeat.Role.ENDING)
                .toList();
        UUID spot = plan.actionOf(shot).spotId();
        return endings.stream()
                .filter(action -> action.spotId().equals(spot))
                .findFirst()
                .or(() -> endings.stream().findFirst());
    }

    /** The next tighter size that the recorded picture has room for and that counts as one of its own. */
    public static Optional<Shot> punchedIn(Plan plan, Shot shot, UUID id, String code) {
        double frame = Stand.of(plan, shot).framing().heightM();
        double most = Recording.of(plan, shot).largestPunchIn();
        return Arrays.stream(Size.values())
                .filter(size -> size != Size.INSERT && size.compareTo(shot.size()) > 0 && shot.size() != Size.INSERT)
                .map(size -> duplicate(plan, shot, id, code).withSize(size))
                .filter(tighter -> {
                    double ratio = frame / Stand.of(plan, tighter).framing().heightM();
                    return ratio >= CREDITED_RATIO - ROUNDING && ratio * shot.punchIn() <= most + ROUNDING;
                })
                .findFirst()
                .map(tighter -> tighter.withPunchIn(shot.punchIn()
                        * frame
                        / Stand.of(plan, tighter).framing().heightM()));
    }

    /** The shot with its first move alone, and another with its second; empty where it has only one. */
    public static List<Change> splitByMove(Plan plan, Shot shot, UUID id, String code) {
        List<Change> changes = new ArrayList<>();
        if (shot.move().moving() && shot.alsoMove().moving()) {
            changes.add(Change.edit(shot, one -> one.withAlsoMove(Move.STILL)));
            changes.add(new Change.Add(
                    duplicate(plan, shot, id, code).withMove(shot.alsoMove()).withAlsoMove(Move.STILL)));
        }
        return changes;
    }

    private static Shot coded(Shot shot, UUID id, String code) {
        return RecordKind.SHOT.copy(shot, id).withCode(code);
    }

    private static Move reversed(Move move) {
        return switch (move) {
            case PUSH -> Move.PULL;
            case PULL -> Move.PUSH;
            case STILL, PAN, TILT, SLIDE, ORBIT, LIFT, FOLLOW -> move;
        };
    }

    private static double rankAfter(Plan plan, Shot shot) {
        List<Shot> shots = plan.shotsOf(plan.actionOf(shot));
        return Ranks.at(shots, shots.indexOf(shot) + 1);
    }
}
