package upshot.core.shot;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Stand;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.size.Size;

/** The camera would stand farther from the subject than the spot allows. */
final class TightRoom implements ShotRule {

    @Override
    public String id() {
        return "tight-room";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Room to stand back",
                "The camera stands within the room that the spot gives on its side.",
                "The lens decides how far back one has to stand, the wall how far one can.",
                RuleCard.Source.OPTICS);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Spot spot = plan.spotOf(plan.actionOf(shot));
        double needed = Stand.of(plan, shot).groundDistanceM();
        double room = Room.onThatSideM(plan, shot);
        if (needed <= room) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Room is tight.",
                new Measured(needed, room, Quantity.METRES),
                "%s gives %s%s, this stands %s away."
                        .formatted(
                                spot.name(),
                                Wording.metres(room),
                                room < spot.roomM() ? " on that side" : "",
                                Wording.metres(needed)),
                Stream.of(
                                fittingLens(plan, shot, room).map(setting -> mend(shot, setting)),
                                fittingSize(plan, shot, room),
                                fittingSide(plan, shot))
                        .flatMap(Optional::stream)
                        .toList()));
    }

    /** The longest lens of the kit that frames the same from inside the room. */
    private static Optional<Glass.Setting> fittingLens(Around plan, Shot shot, double room) {
        return Glass.settings(plan)
                .filter(setting -> setting.focalLengthMm() < shot.focalLengthMm())
                .filter(setting -> fits(plan, shot.withFocalLengthMm(setting.focalLengthMm()), room))
                .max(Comparator.comparingDouble(Glass.Setting::focalLengthMm));
    }

    /** What the same lens shows from as far back as one can go, or the next tighter rung where that is still too wide. */
    private static Optional<Mend> fittingSize(Around plan, Shot shot, double room) {
        Stand stand = Stand.of(plan, shot);
        double shown = stand.sensor().frameHeightM(shot.focalLengthMm(), room);
        if (shot.size() == Size.INSERT || shown <= 0) {
            return Optional.empty();
        }
        Size nearest =
                Size.nearest(shown / stand.framing().heightM() * shot.size().heights());
        return Arrays.stream(Size.values())
                .filter(size -> size != Size.INSERT && size.compareTo(nearest) >= 0 && size.compareTo(shot.size()) > 0)
                .filter(size -> fits(plan, shot.withSize(size), room))
                .findFirst()
                .map(size -> new Mend(
                        "Make it %s".formatted(Wording.one(size.label())),
                        Change.edit(shot, one -> one.withSize(size))));
    }

    private static Optional<Mend> fittingSide(Around plan, Shot shot) {
        return OtherBearing.smallest(plan, shot, turned -> fits(plan, turned, Room.onThatSideM(plan, turned)))
                .map(bearing -> new Mend(
                        "Shoot from %s".formatted(Wording.place(bearing)),
                        Change.edit(shot, one -> one.withBearingDeg(bearing))));
    }

    private static boolean fits(Around plan, Shot shot, double room) {
        Stand stand = Stand.of(plan, shot);
        return stand.reachable() && stand.groundDistanceM() <= room;
    }

    private static Mend mend(Shot shot, Glass.Setting setting) {
        return new Mend(
                "Take the %s".formatted(setting.label()),
                Change.edit(shot, one -> one.withFocalLengthMm(setting.focalLengthMm())));
    }
}
