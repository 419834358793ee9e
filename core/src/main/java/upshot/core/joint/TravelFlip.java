package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.frame.CutFrame;
import upshot.core.ground.Likeness;
import upshot.core.ground.ScreenTravel;
import upshot.core.house.Threshold;
import upshot.core.measure.Degrees;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;

/**
 * A mover that goes left to right and then right to left seems to have turned round.
 *
 * <p>Per mover the last travel that was not neutral is remembered. The opposite in the next view is a break when the two
 * are neighbours in one beat, and a watch when something else came between or a beat began at the same spot. A neutral
 * view of the mover, a declared return, a new spot and leaving in the ending clear the memory; a camera that moves across
 * the line is remembered with the side on which it ends. A detail of a thing or of the hands on it moves as the thing.
 */
final class TravelFlip implements LooksBack {

    @Override
    public String id() {
        return "travel-flip";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Which way it goes",
                "A mover keeps its direction from picture to picture.",
                "Turned round it seems to go back.",
                RuleCard.Source.TRADE,
                Bound.of(Threshold.NEUTRAL_WITHIN));
    }

    @Override
    public boolean asks(Picture into) {
        return into.action().line() == Line.TRAVEL && travelIn(into) != ScreenTravel.NEUTRAL && !leaves(into);
    }

    /** Whoever leaves in the ending may go wherever they like. */
    private static boolean leaves(Picture into) {
        return into.shot().frameUse() == FrameUse.LEAVES
                && into.around().get(RecordKind.BEAT, into.action().beatId()).role() == StoryBeat.Role.ENDING;
    }

    @Override
    public boolean settles(Picture earlier, Picture next, Picture into) {
        return returns(next, into) || sameMover(earlier, into);
    }

    /** Whether what was seen up to a use says nothing about the mover: it is declared to return. */
    private static boolean returns(Picture next, Picture into) {
        return next.use().entry() == Entry.RETURN && sameMover(next, into);
    }

    @Override
    public Optional<Finding> compare(Picture earlier, Picture next, Picture into, int between) {
        boolean remembered = !returns(next, into)
                && earlier.action().line() == Line.TRAVEL
                && travelOut(earlier) != ScreenTravel.NEUTRAL
                && earlier.action().spotId().equals(into.action().spotId());
        return remembered ? Optional.of(finding(earlier, into, between)) : Optional.empty();
    }

    private static boolean sameMover(Picture one, Picture other) {
        return mover(one).equals(mover(other));
    }

    private static Object mover(Picture picture) {
        Likeness.View view = Likeness.View.of(picture.around(), picture.shot());
        return view.thing().<Object>map(thing -> thing).orElse(view.subjectId());
    }

    private static ScreenTravel travelIn(Picture picture) {
        return CutFrame.travelOf(picture.around(), picture.shot(), picture.use(), false);
    }

    private static ScreenTravel travelOut(Picture picture) {
        return CutFrame.travelOf(picture.around(), picture.shot(), picture.use(), true);
    }

    private Finding finding(Picture before, Picture into, int between) {
        boolean flips = travelIn(into).opposes(travelOut(before));
        boolean oneBeat = before.action().beatId().equals(into.action().beatId());
        Status status = !flips ? Status.CLEAR : between == 0 && oneBeat ? Status.BREAK : Status.WATCH;
        String sentence = flips
                ? "In %s it goes %s, in %s %s: the camera went over the line of action by %s%s."
                        .formatted(
                                before.shot().code(),
                                travelOut(before).label(),
                                into.shot().code(),
                                travelIn(into).label(),
                                Wording.degrees(overTheLineDeg(into.shot())),
                                between == 0 ? "" : ", with only other pictures between")
                : Wording.capital(travelIn(into).label()) + " as in "
                        + before.shot().code() + ".";
        return new Finding(
                id(),
                status,
                List.of(before.use().id(), into.use().id()),
                flips ? "Travel flips." : "Travel goes on.",
                new Measured(
                        Degrees.sin(into.shot().bearingDeg()),
                        Degrees.sin(before.shot().bearingDeg()),
                        Quantity.COSINE),
                sentence,
                flips ? Mends.later(() -> mends(before, into)) : List.of());
    }

    /** How far past the line the camera stands, 0 to 90°. */
    private static double overTheLineDeg(Shot shot) {
        double fromLine = Degrees.wrap(shot.bearingDeg()) % 180;
        return Math.min(fromLine, 180 - fromLine);
    }

    private static List<Mend> mends(Picture before, Picture into) {
        return List.of(
                mirrored(into.shot()),
                mirrored(before.shot()),
                new Mend("Mark as a return", Change.edit(into.use(), one -> one.withEntry(Entry.RETURN))));
    }

    private static Mend mirrored(Shot shot) {
        double bearing = Degrees.wrap(-shot.bearingDeg());
        return new Mend(
                "Shoot %s from %s".formatted(shot.code(), Wording.place(bearing)),
                Change.edit(shot, one -> one.withBearingDeg(bearing)));
    }
}
