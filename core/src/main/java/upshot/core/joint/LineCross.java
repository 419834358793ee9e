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
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.house.Threshold;
import upshot.core.measure.Degrees;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.size.CameraHeight;

/**
 * The camera has gone to the other side of a line that is no travel: of a look, or between people. A neutral view, a
 * view from overhead, a detail without a face and a camera that moves across clear the memory.
 */
final class LineCross implements LooksBack {

    @Override
    public String id() {
        return "line-cross";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "The line of a look",
                "The camera stays on one side of a look, or of people facing each other.",
                "Over the line they seem to look away from each other.",
                RuleCard.Source.TRADE,
                Bound.of(Threshold.NEUTRAL_WITHIN));
    }

    @Override
    public boolean asks(Picture into) {
        return into.action().line() == Line.LOOK
                && into.use().entry() != Entry.RETURN
                && side(into) != ScreenTravel.NEUTRAL;
    }

    @Override
    public boolean settles(Picture earlier, Picture next, Picture into) {
        return !earlier.action().beatId().equals(into.action().beatId()) || sameLine(earlier, into);
    }

    @Override
    public Optional<Finding> compare(Picture earlier, Picture next, Picture into, int between) {
        boolean crossed = earlier.action().beatId().equals(into.action().beatId())
                && side(earlier).opposes(side(into));
        return crossed ? Optional.of(finding(earlier, into)) : Optional.empty();
    }

    private static boolean sameLine(Picture one, Picture other) {
        return one.action().line() == Line.LOOK
                && one.action().subjectId().equals(other.action().subjectId())
                && one.action().spotId().equals(other.action().spotId());
    }

    /** On which side of the line the camera is; neutral where the picture does not say. */
    private static ScreenTravel side(Picture picture) {
        Shot shot = picture.shot();
        Stand stand = Stand.of(picture.around(), shot);
        boolean faceless = stand.aim().faceless();
        boolean overhead = stand.elevationDeg() >= CameraHeight.OVERHEAD_FROM_DEG;
        boolean across = shot.move() == Move.ORBIT && crosses(shot);
        return faceless || overhead || across ? ScreenTravel.NEUTRAL : Stand.travel(picture.around(), shot, false);
    }

    /** Whether an orbit ends on the other side. */
    private static boolean crosses(Shot shot) {
        return Degrees.sin(shot.bearingDeg()) * Degrees.sin(Stand.endDeg(shot)) < 0;
    }

    private Finding finding(Picture earlier, Picture into) {
        boolean people = !into.around().performersOf(into.action()).isEmpty();
        double bearing = Degrees.wrap(-into.shot().bearingDeg());
        return new Finding(
                id(),
                people ? Status.BREAK : Status.WATCH,
                List.of(earlier.use().id(), into.use().id()),
                "The camera crossed the line.",
                new Measured(
                        Degrees.sin(into.shot().bearingDeg()),
                        Degrees.sin(earlier.shot().bearingDeg()),
                        Quantity.COSINE),
                people
                        ? "%s and %s stand on two sides of the line between people: they seem to change places."
                                .formatted(earlier.shot().code(), into.shot().code())
                        : "%s and %s stand on two sides of the look: it seems to turn round."
                                .formatted(earlier.shot().code(), into.shot().code()),
                Mends.later(() -> List.of(
                        new Mend(
                                "Shoot %s from %s".formatted(into.shot().code(), Wording.place(bearing)),
                                Change.edit(into.shot(), one -> one.withBearingDeg(bearing))),
                        new Mend("Mark as a return", Change.edit(into.use(), one -> one.withEntry(Entry.RETURN))))));
    }
}
