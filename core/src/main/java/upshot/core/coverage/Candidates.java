package upshot.core.coverage;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.ground.Glass;
import upshot.core.ground.Stand;
import upshot.core.light.SunOnView;
import upshot.core.measure.Degrees;
import upshot.core.measure.Numbers;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Carrier;
import upshot.core.plan.Focus;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Support;
import upshot.core.size.Extent;
import upshot.core.size.Framing;
import upshot.core.size.Size;

/** The shots that could fill a hole, the most wished for first: sizes, then bearings, then lenses. */
final class Candidates {

    /** Bearings tried for each class, on the side that shows left to right, the most telling first. */
    private static final List<Double> WIDE_BEARINGS = List.of(60.0, 90.0, 120.0, 30.0, 150.0);

    private static final List<Double> MID_BEARINGS = List.of(30.0, 60.0, 90.0, 120.0, 150.0);
    private static final List<Double> DETAIL_BEARINGS = List.of(90.0, 60.0, 120.0, 30.0, 150.0);

    private static final List<Double> BETWEEN_BEARINGS = List.of(45.0, 75.0, 105.0, 135.0, 20.0, 160.0);

    private static final int UNCODED = 9999;
    private static final double WAIST_SHARE = 0.6;
    private static final double LOW_SHARE = 0.2;
    private static final double EYE_SHARE = 0.9;
    private static final double HIGH_SHARE = 1.08;
    private static final double RAISED_DEG = 25;
    private static final double STEEP_DEG = 45;
    private static final double STEEPEST_DEG = 70;
    private static final double EITHER_SIDE_S = 2;
    private static final double LOOKING_DOWN_DEG = 35;
    private static final double USUAL_APERTURE = 2.8;
    private static final double LOWEST_M = 0.1;
    private static final double HIGHEST_M = 3;

    private final Plan plan;
    private final Hole hole;
    private final Action action;
    private final UUID id;

    /**
     * @param id of the shot that will be chosen
     */
    Candidates(Plan plan, Hole hole, UUID id) {
        this.plan = plan;
        this.hole = hole;
        this.action = plan.get(RecordKind.ACTION, hole.actionId());
        this.id = id;
    }

    Stream<Shot> all() {
        List<Shot> blanks = sized().map(this::viewed).toList();
        return blanks.stream()
                .flatMap(blank -> bearings(blank).map(bearing -> blank.withBearingDeg(bearing)))
                .flatMap(this::lenses)
                .map(this::atItsHeight);
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
            case WAY_IN -> action.line() == Line.TRAVEL ? shot.withFrameUse(FrameUse.ENTERS) : shot;
            case WAY_OUT -> action.line() == Line.TRAVEL ? shot.withFrameUse(FrameUse.LEAVES) : shot;
            case TELLING, MASTER, SIZE, VIEW, OTHER_SIZE, PERFORMER, FEATURE -> shot;
        };
    }

    /** The sizes of a class, the usual one first; a code is given only to what is proposed. */
    private Stream<Shot> sized() {
        Shot shot = Shot.draft(
                        id,
                        action.id(),
                        action.codePrefix() + UNCODED,
                        plan.brief().rate())
                .withRank(Ranks.after(plan.shotsOf(action)))
                .withTakes(action.once() ? 1 : 2)
                .withSubjectId(hole.performerId().filter(who -> !who.equals(action.subjectId())))
                .withSupport(inTheKit(Support.TRIPOD))
                .withPlacement(behind());
        return switch (hole.sizeClass()) {
            case WIDE -> Stream.of(shot.withSize(Size.WIDE), shot.withSize(Size.FULL));
            case MID ->
                Stream.of(Size.MEDIUM, Size.MEDIUM_FULL, Size.MEDIUM_CLOSE)
                        .map(size -> shot.withSize(size).withSupport(inTheKit(Support.HAND_HELD)));
            case DETAIL -> Stream.of(detail(shot), shot.withSize(Size.EXTREME_CLOSE_UP));
        };
    }

    /** With room ahead: on the side that somebody who moves or looks comes from. */
    private Placement behind() {
        if (action.line() == Line.NONE) {
            return Placement.CENTRE;
        }
        return action.side() == Side.LEFT_TO_RIGHT ? Placement.LEFT_THIRD : Placement.RIGHT_THIRD;
    }

    private Shot detail(Shot shot) {
        if (hole.want() == Hole.Want.PERFORMER) {
            return shot.withSize(Size.CLOSE_UP).withAim(Aim.FACE);
        }
        boolean elsewhere =
                action.focus() == Focus.FEET || action.focus() == Focus.WHEELS || action.focus() == Focus.FACE;
        return action.hasThing() && !elsewhere
                ? shot.withInsertHeightM(Optional.of(Framing.insertHeightM(action.thingHeightM())))
                        .withSize(Size.INSERT)
                : shot.withSize(Size.CLOSE_UP);
    }

    private Stream<Double> bearings(Shot shot) {
        List<Double> preferred = switch (hole.sizeClass()) {
            case WIDE -> WIDE_BEARINGS;
            case MID -> MID_BEARINGS;
            case DETAIL -> DETAIL_BEARINGS;
        };
        // A school that asks many views of one size needs more places to stand.
        Stream<Double> between = hole.view() == View.ANY ? Stream.empty() : BETWEEN_BEARINGS.stream();
        return Stream.concat(preferred.stream(), between)
                .map(this::onKeptSide)
                .sorted(Comparator.comparing(bearing -> frontLit(shot.withBearingDeg(bearing))));
    }

    private double onKeptSide(double bearing) {
        return action.side() == Side.LEFT_TO_RIGHT ? bearing : Degrees.wrap(-bearing);
    }

    /** The same shot through each lens of the kit, the one that suits the class first. */
    private Stream<Shot> lenses(Shot shot) {
        double wished = switch (shot.size().sizeClass()) {
            case WIDE -> 24;
            case MID -> 50;
            case DETAIL -> 85;
        };
        return Glass.settings(plan)
                .sorted((one, other) -> Double.compare(offWish(one, wished), offWish(other, wished)))
                .map(setting -> shot.withFocalLengthMm(setting.focalLengthMm())
                        .withApertureN(Math.max(USUAL_APERTURE, setting.lens().widestN())));
    }

    private static double offWish(Glass.Setting setting, double wished) {
        return Math.abs(Math.log(setting.focalLengthMm() / wished));
    }

    /** Full figures from the waist, people's faces level with the eyes, things from above. */
    private Shot atItsHeight(Shot shot) {
        Stand stand = Stand.of(plan, shot);
        Extent extent = stand.extent();
        boolean ofThing = stand.aim().faceless() || !extent.person();
        double height;
        if (!ofItsSize(hole.view())) {
            height = height(stand, hole.view());
        } else if (shot.size().fullOrWider()) {
            height = extent.person() ? extent.baseM() + WAIST_SHARE * (extent.topM() - extent.baseM()) : 1.5;
        } else if (ofThing) {
            height = stand.framing().aimM() + stand.distanceM() * Degrees.sin(LOOKING_DOWN_DEG);
        } else {
            height = extent.eyeLineM();
        }
        double onASupport = Numbers.clamp(height, LOWEST_M, HIGHEST_M);
        return shot.withCameraHeightM(Math.round(onASupport * 100) / 100.0);
    }

    /** Views that ask nothing of the height leave it to the size. */
    private static boolean ofItsSize(View view) {
        return view == View.ANY || view == View.MASTER || view == View.FRAGMENT;
    }

    private static double height(Stand stand, View view) {
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

    /** Outdoors the sun should stand behind what is shown or beside it. */
    private boolean frontLit(Shot shot) {
        return SunOnView.of(plan, shot)
                .filter(sun -> sun.from() == SunOnView.From.FRONT)
                .isPresent();
    }

    /** The wished support, or what hands can do where the kit lists its supports and this is none of them. */
    private Support inTheKit(Support wished) {
        return carries(plan, wished) ? wished : Support.HAND_HELD;
    }

    /** Whether the kit has a support, or does not say what it has. */
    static boolean carries(Plan plan, Support support) {
        List<Carrier> carriers = plan.list(RecordKind.CARRIER);
        return support == Support.HAND_HELD
                || carriers.isEmpty()
                || carriers.stream().anyMatch(one -> one.support() == support);
    }
}
