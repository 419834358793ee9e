package upshot.core.ground;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

/**
 * A camera that is put elsewhere on the plan. How far away it stands follows from lens and size: one of both is kept, and the
 * other becomes what the kit, or the ladder of sizes, has nearest to that distance.
 */
public enum MovedStand {
    /** The lens changes. */
    KEEPS_SIZE {
        @Override
        List<Shot> offered(Around plan, Shot shot) {
            return Stream.concat(
                            Stream.of(shot),
                            Glass.settings(plan).map(setting -> shot.withFocalLengthMm(setting.focalLengthMm())))
                    .toList();
        }
    },
    /** The size changes. */
    KEEPS_LENS {
        @Override
        List<Shot> offered(Around plan, Shot shot) {
            return Stream.concat(
                            Stream.of(shot),
                            Arrays.stream(Size.values())
                                    .filter(size -> size != Size.INSERT)
                                    .map(shot::withSize))
                    .toList();
        }
    };

    private static final double TURN_DEG = 0.5;

    abstract List<Shot> offered(Around plan, Shot shot);

    /** On the bearing of a point, and as near to its distance as can be. */
    public Shot to(Around plan, Shot shot, Place subject, Corner point) {
        double wanted = Place.apartM(subject.at(), point);
        double bearing = Math.rint(subject.bearingOf(point) / TURN_DEG) * TURN_DEG;
        return nearest(plan, shot.withBearingDeg(Degrees.wrap(bearing)), one -> Math.abs(Math.log(one / wanted)));
    }

    /** One step farther back, or nearer; the same shot where there is none. */
    public Shot step(Around plan, Shot shot, boolean back) {
        double now = distanceM(plan, shot);
        return offered(plan, shot).stream()
                .filter(one -> Stand.of(plan, one).reachable())
                .filter(one -> back ? distanceM(plan, one) > now : distanceM(plan, one) < now)
                .min(Comparator.comparingDouble(one -> Math.abs(distanceM(plan, one) - now)))
                .orElse(shot);
    }

    private Shot nearest(Around plan, Shot shot, DoubleUnaryOperator off) {
        return offered(plan, shot).stream()
                .filter(one -> Stand.of(plan, one).reachable())
                .min(Comparator.comparingDouble(one -> off.applyAsDouble(distanceM(plan, one))))
                .orElse(shot);
    }

    private static double distanceM(Around plan, Shot shot) {
        return Stand.of(plan, shot).groundDistanceM();
    }
}
