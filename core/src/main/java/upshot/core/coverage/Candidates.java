package upshot.core.coverage;

import java.util.ArrayList;
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
import upshot.core.plan.Subject;
import upshot.core.plan.Support;
import upshot.core.plan.Viewpoint;
import upshot.core.shot.RaisedCautions;
import upshot.core.shot.Room;
import upshot.core.size.CameraHeight;
import upshot.core.size.Framing;
import upshot.core.size.Size;
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
    private static final int LENSES = 2;
    private static final int UNCODED = 9999;
    private static final double EITHER_SIDE_S = 2;
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
    private List<Suited> sized() {
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
        List<Shot> sizes = switch (hole.sizeClass()) {
            case WIDE -> List.of(shot.withSize(Size.WIDE), shot.withSize(Size.FULL));
            case MID ->
                Stream.of(Size.MEDIUM, Size.MEDIUM_FULL, Size.MEDIUM_CLOSE)
                        .map(size -> shot.withSize(size).withSupport(inTheKit(Support.HAND_HELD)))
                        .toList();
            case DETAIL -> List.of(detail(shot), extreme(shot));
        };
        List<Suited> suited = new ArrayList<>();
        sizes.forEach(one -> suited.add(new Suited(viewed(one), 0.4 * suited.size())));
        return suited;
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

    /** A face from behind tells nothing, and neither does a person at work whose hands the back hides. */
    private boolean turnsAway(Shot shot) {
        boolean behind = Math.abs(Degrees.wrap(shot.bearingDeg() + 180) - 180) >= BEHIND_FROM_DEG;
        boolean told = action.focus() == Focus.FACE
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
            return shot.withSupport(inTheKit(Support.GROUND));
        }
        boolean above = Stand.of(plan, shot).elevationDeg() >= CameraHeight.OVERHEAD_FROM_DEG;
        return above ? shot.withSupport(inTheKit(Support.OVERHEAD)) : shot;
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
