package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Support;
import upshot.core.plan.Viewpoint;
import upshot.core.shot.RaisedCautions;
import upshot.core.shot.Room;
import upshot.core.size.CameraHeight;
import upshot.core.size.SizeClass;
import upshot.core.size.SubjectKind;

/**
 * The shots that could fill a hole, the best suited first: how well size, bearing, height and lens suit what the action is
 * about, and how they fit to what the job has already.
 */
final class Candidates {

    /** Bearings tried for each class, on the side that shows left to right, the most telling first. */
    private static final List<Double> WIDE_BEARINGS = List.of(60.0, 90.0, 30.0, 120.0, 150.0);

    private static final List<Double> MID_BEARINGS = List.of(30.0, 60.0, 90.0, 120.0, 150.0);
    private static final List<Double> DETAIL_BEARINGS = List.of(60.0, 30.0, 90.0, 120.0, 150.0);
    private static final List<Double> BETWEEN_BEARINGS = List.of(45.0, 75.0, 105.0, 135.0, 20.0, 160.0);

    private static final double LATER_BEARING = 0.25;
    private static final double OFF_LENS = 1.2;
    private static final double FROM_THE_BACK = 3;
    private static final double FRONT_LIT = 8;
    private static final double CLOSE_TO_TRAFFIC = 2;
    private static final double BEHIND_FROM_DEG = 135;

    private static final double WALKING_MPS = 2;
    private static final double FROM_AFAR_MM = 135;
    private static final double OTHER_SIZE = 0.4;
    private static final int LENSES = 2;
    private static final double USUAL_APERTURE = 2.8;
    private static final double ON_A_PLATE_M = 0.35;
    private static final double LOWEST_M = 0.05;
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

    /**
     * A shot.
     *
     * @param cost how badly it suits, 0 for the usual
     */
    private record Suited(Shot shot, double cost) {

        Suited with(Shot changed, double more) {
            return new Suited(changed, cost + more);
        }
    }

    /** The best suited first; the same plan gives the same order. */
    Stream<Shot> all() {
        Spread spread = new Spread(plan, action);
        List<Suited> all = new ArrayList<>();
        for (Suited sized : sized()) {
            bearings(sized)
                    .flatMap(this::lensed)
                    .flatMap(this::raised)
                    .forEach(one -> all.add(one.with(one.shot(), spread.cost(one.shot()))));
        }
        return all.stream().sorted(Comparator.comparingDouble(Suited::cost)).map(Suited::shot);
    }

    /** The sizes of the hole's class, the usual one first. */
    private List<Suited> sized() {
        List<Suited> suited = new ArrayList<>();
        new Blanks(plan, hole, action, id)
                .sized()
                .forEach(blank -> suited.add(new Suited(blank, OTHER_SIZE * suited.size())));
        return suited;
    }

    private Stream<Suited> bearings(Suited sized) {
        List<Double> preferred = new ArrayList<>(
                switch (hole.sizeClass()) {
                    case WIDE -> WIDE_BEARINGS;
                    case MID -> MID_BEARINGS;
                    case DETAIL -> DETAIL_BEARINGS;
                });
        if (hole.view() != View.ANY) {
            // A school that asks many views of one size needs more places to stand.
            preferred.addAll(BETWEEN_BEARINGS);
        }
        return preferred.stream().map(bearing -> {
            Shot turned = sized.shot().withBearingDeg(onKeptSide(bearing));
            double later = LATER_BEARING * preferred.indexOf(bearing);
            return sized.with(
                    turned, later + (frontLit(turned) ? FRONT_LIT : 0) + (turnsAway(turned) ? FROM_THE_BACK : 0));
        });
    }

    /** A face from behind tells nothing, and neither do hands that the back hides. */
    private boolean turnsAway(Shot shot) {
        boolean behind = Spread.Round.offFrontDeg(shot) >= BEHIND_FROM_DEG;
        boolean idleHands = shot.aim() == Aim.HANDS && action.focus() != Focus.HANDS;
        boolean told = action.focus() == Focus.FACE
                || idleHands
                || shot.size().sizeClass() == SizeClass.MID && action.focus() != Focus.FEET;
        return behind && told && plan.subjectOf(shot).kind() == SubjectKind.PERSON;
    }

    private double onKeptSide(double bearing) {
        return action.side() == Side.LEFT_TO_RIGHT ? bearing : Degrees.wrap(-bearing);
    }

    /** The same shot through each lens of the kit, the one that suits the class first. */
    private Stream<Suited> lensed(Suited one) {
        double wished = action.speedMps() > WALKING_MPS
                ? FROM_AFAR_MM
                : switch (one.shot().size().sizeClass()) {
                    case WIDE -> 24;
                    case MID -> 50;
                    case DETAIL -> Stand.of(plan, one.shot()).aim().faceless() ? 50 : 85;
                };
        List<Glass.Setting> wishedFirst = Glass.settings(plan)
                .sorted(Comparator.comparingDouble(setting -> Math.abs(Math.log(setting.focalLengthMm() / wished))))
                .toList();
        List<Glass.Setting> fitting = wishedFirst.stream()
                .filter(setting -> fits(one.shot(), setting))
                .limit(LENSES)
                .toList();
        return (fitting.isEmpty() ? wishedFirst : fitting)
                .stream()
                        .map(setting -> one.with(
                                one.shot()
                                        .withFocalLengthMm(setting.focalLengthMm())
                                        .withApertureN(Math.max(
                                                USUAL_APERTURE, setting.lens().widestN())),
                                OFF_LENS * Math.abs(Math.log(setting.focalLengthMm() / wished))));
    }

    /** Whether there is room for it. */
    private boolean fits(Shot shot, Glass.Setting setting) {
        Shot through = shot.withFocalLengthMm(setting.focalLengthMm());
        return Stand.of(plan, through).groundDistanceM() <= Room.onThatSideM(plan, through);
    }

    /** The same at each height that suits it, or at the one that is asked for. */
    private Stream<Suited> raised(Suited one) {
        return Heights.suiting(plan, one.shot(), hole.view()).map(height -> {
            double up = Numbers.clamp(height.upM(), LOWEST_M, HIGHEST_M);
            Shot raised = one.shot().withCameraHeightM(Math.round(up * 100) / 100.0);
            boolean traffic = RaisedCautions.besideTraffic(plan, raised);
            return one.with(overTheShoulder(held(raised)), height.cost() + (traffic ? CLOSE_TO_TRAFFIC : 0));
        });
    }

    /** On the floor a plate holds it, and straight above a rig or a hand. */
    private Shot held(Shot shot) {
        if (shot.support() == Support.TURNTABLE || shot.support() == Support.OVERHEAD) {
            return shot;
        }
        if (shot.cameraHeightM() < ON_A_PLATE_M) {
            return shot.withSupport(inTheKit(plan, Support.GROUND));
        }
        boolean above = Stand.of(plan, shot).elevationDeg() >= CameraHeight.OVERHEAD_FROM_DEG;
        return above ? shot.withSupport(inTheKit(plan, Support.OVERHEAD)) : shot;
    }

    /** From behind onto what the hands do. */
    private Shot overTheShoulder(Shot shot) {
        Stand stand = Stand.of(plan, shot);
        boolean behind = Spread.Round.of(shot) == Spread.Round.BEHIND;
        boolean over = behind
                && stand.aim().faceless()
                && stand.extent().person()
                && shot.cameraHeightM() >= stand.extent().eyeLineM();
        return over ? shot.withViewpoint(Viewpoint.OVER_SHOULDER) : shot;
    }

    /** Outdoors the sun should stand behind what is shown or beside it. */
    private boolean frontLit(Shot shot) {
        return SunOnView.of(plan, shot)
                .filter(sun -> sun.from() == SunOnView.From.FRONT)
                .isPresent();
    }

    /** The wished support, or what hands can do where the kit lists its supports and this is none of them. */
    static Support inTheKit(Plan plan, Support wished) {
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
