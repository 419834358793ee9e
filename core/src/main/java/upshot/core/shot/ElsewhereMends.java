package upshot.core.shot;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import upshot.core.finding.Mend;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Stand;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** Where else a camera could stand for the same picture: another side, or farther back or nearer with another lens. */
final class ElsewhereMends {

    private ElsewhereMends() {}

    /** @param good whether a camera that was moved stands well */
    static List<Mend> of(Around plan, Shot shot, Predicate<Shot> good) {
        return Stream.of(
                        otherLens(plan, shot, good),
                        OtherBearing.smallest(plan, shot, good)
                                .map(bearing -> new Mend(
                                        "Shoot from %s".formatted(Wording.place(bearing)),
                                        Change.edit(shot, one -> one.withBearingDeg(bearing)))))
                .flatMap(Optional::stream)
                .toList();
    }

    /** The lens of the kit that frames the same from the nearest place on the same side. */
    private static Optional<Mend> otherLens(Around plan, Shot shot, Predicate<Shot> good) {
        double now = Stand.of(plan, shot).groundDistanceM();
        return Glass.settings(plan)
                .filter(setting -> setting.focalLengthMm() != shot.focalLengthMm())
                .filter(setting -> {
                    Shot moved = shot.withFocalLengthMm(setting.focalLengthMm());
                    Stand stand = Stand.of(plan, moved);
                    return stand.reachable()
                            && stand.groundDistanceM() <= Room.onThatSideM(plan, moved)
                            && good.test(moved);
                })
                .min(Comparator.comparingDouble(setting ->
                        Math.abs(Stand.of(plan, shot.withFocalLengthMm(setting.focalLengthMm()))
                                        .groundDistanceM()
                                - now)))
                .map(setting -> mend(plan, shot, setting, now));
    }

    private static Mend mend(Around plan, Shot shot, Glass.Setting setting, double now) {
        double then =
                Stand.of(plan, shot.withFocalLengthMm(setting.focalLengthMm())).groundDistanceM();
        return new Mend(
                "%s to %s with the %s"
                        .formatted(then > now ? "Step back" : "Step in", Wording.metres(then), setting.label()),
                Change.edit(shot, one -> one.withFocalLengthMm(setting.focalLengthMm())));
    }
}
