package upshot.core.coverage;

import java.util.stream.Stream;
import upshot.core.ground.AimedAt.Part;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Extent;

/**
 * From how high a picture suits its size: faces at the eyes, mids from the waist to the eyes, full figures from the waist
 * down; hands from 45° or steeper, feet and wheels from the floor, things level, from a little above or from 45°.
 */
final class Heights {

    private static final double LOW_SHARE = 0.2;
    private static final double WAIST_SHARE = 0.5;
    private static final double ABOVE_WAIST_SHARE = 0.65;
    private static final double EYE_SHARE = 0.9;
    private static final double FACE_SHARE = 0.97;
    private static final double HIGH_SHARE = 1.08;
    private static final double FLOOR_M = 0.1;
    private static final double RAISED_DEG = 25;
    private static final double STEEP_DEG = 45;
    private static final double STEEPEST_DEG = 70;
    private static final double PLACE_M = 1.5;
    private static final double TALL_M = 1;

    private Heights() {}

    /**
     * One height.
     *
     * @param upM of the lens above the floor
     * @param cost how badly it suits, 0 for the usual
     */
    record Height(double upM, double cost) {}

    static Stream<Height> suiting(Plan plan, Shot shot, View view) {
        Stand stand = Stand.of(plan, shot);
        boolean ofItsSize = view == View.ANY || view == View.MASTER || view == View.FRAGMENT;
        if (!ofItsSize) {
            return Stream.of(new Height(asked(stand, view), 0));
        }
        Extent extent = stand.extent();
        if (stand.aim().part() == Part.FEET || stand.aim().part() == Part.WHEELS) {
            return Stream.of(new Height(FLOOR_M, 0), steep(stand, RAISED_DEG, 0.6));
        }
        if (stand.aim().faceless()) {
            return Stream.of(
                    steep(stand, STEEP_DEG, 0),
                    steep(stand, RAISED_DEG, 0.2),
                    steep(stand, STEEPEST_DEG, 0.5),
                    steep(stand, 0, 0.6));
        }
        if (!extent.person()) {
            return thing(stand, shot.size().fullOrWider() && extent.topM() - extent.baseM() > TALL_M);
        }
        return switch (shot.size().sizeClass()) {
            case WIDE ->
                Stream.of(share(extent, WAIST_SHARE, 0), share(extent, LOW_SHARE, 0.3), share(extent, EYE_SHARE, 0.9));
            case MID ->
                Stream.of(
                        share(extent, EYE_SHARE, 0),
                        share(extent, ABOVE_WAIST_SHARE, 0.2),
                        share(extent, LOW_SHARE, 1.6),
                        share(extent, HIGH_SHARE, 1.8));
            case DETAIL -> Stream.of(share(extent, FACE_SHARE, 0), share(extent, HIGH_SHARE, 1.2));
        };
    }

    /** Of a thing or a place: from where people see it, level with it, from the floor, or steeply. */
    private static Stream<Height> thing(Stand stand, boolean tall) {
        return tall
                ? Stream.of(new Height(PLACE_M, 0), new Height(FLOOR_M, 0.3), steep(stand, RAISED_DEG, 0.6))
                : Stream.of(
                        steep(stand, RAISED_DEG, 0),
                        steep(stand, STEEP_DEG, 0.2),
                        steep(stand, 0, 0.3),
                        steep(stand, STEEPEST_DEG, 0.8));
    }

    private static Height share(Extent extent, double share, double cost) {
        return new Height(extent.baseM() + share * (extent.topM() - extent.baseM()), cost);
    }

    private static Height steep(Stand stand, double deg, double cost) {
        return new Height(stand.framing().aimM() + stand.distanceM() * Degrees.sin(deg), cost);
    }

    private static double asked(Stand stand, View view) {
        double top = stand.extent().topM();
        double aim = stand.framing().aimM();
        if (stand.aim().faceless() && view == View.EYE) {
            return aim;
        }
        if (stand.aim().faceless() && view == View.HIGH) {
            return aim + stand.distanceM() * Degrees.sin(RAISED_DEG);
        }
        return switch (view) {
            case LOW -> LOW_SHARE * top;
            case EYE -> EYE_SHARE * top;
            case HIGH -> HIGH_SHARE * top;
            case FORTY_FIVE -> aim + stand.distanceM() * Degrees.sin(STEEP_DEG);
            case OVERHEAD -> aim + stand.distanceM() * Degrees.sin(STEEPEST_DEG);
            case LEVEL, TURNING, ANY, MASTER, FRAGMENT -> aim;
        };
    }
}
