package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import upshot.core.finding.Status;
import upshot.core.joint.Likeness;
import upshot.core.measure.Degrees;
import upshot.core.measure.Numbers;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Kind;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Support;
import upshot.core.shot.Glass;
import upshot.core.shot.ShotRule;
import upshot.core.shot.Stand;
import upshot.core.size.Extent;
import upshot.core.size.Framing;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/**
 * Proposes a shot for each hole: on the kept side of the line, at least 30° or a clear size step from the action's
 * other shots, at a height that suits the size, with a lens of the kit that fits the room. The same plan gets the same
 * proposal; nothing that exists is changed.
 */
public final class Fill {

    /** Bearings tried for each class, on the side that shows left to right, the most telling first. */
    private static final List<Double> WIDE_BEARINGS = List.of(60.0, 90.0, 120.0, 30.0, 150.0);

    private static final List<Double> MID_BEARINGS = List.of(30.0, 60.0, 90.0, 120.0, 150.0);
    private static final List<Double> DETAIL_BEARINGS = List.of(90.0, 60.0, 120.0, 30.0, 150.0);

    private static final List<Double> BETWEEN_BEARINGS = List.of(45.0, 75.0, 105.0, 135.0, 20.0, 160.0);

    private static final int UNCODED = 9999;
    private static final double WAIST_SHARE = 0.6;
    private static final double LOW_SHARE = 0.2;
    private static final double EYE_SHARE = 0.9;
    private static final double HIGH_SHARE = 1.2;
    private static final double STEEP_DEG = 45;
    private static final double STEEPEST_DEG = 70;
    private static final double EITHER_SIDE_S = 2;
    private static final double LOOKING_DOWN_DEG = 35;
    private static final double USUAL_APERTURE = 2.8;
    private static final double LOWEST_M = 0.1;
    private static final double HIGHEST_M = 3;

    private final Supplier<UUID> ids;
    private final Codes codes;

    /**
     * @param ids where new ids come from
     * @param codes gives the new shots their codes
     */
    public Fill(Supplier<UUID> ids, Codes codes) {
        this.ids = ids;
        this.codes = codes;
    }

    /**
     * A shot for a hole, with the reason why it is as it is.
     */
    public record Proposed(Hole hole, Shot shot, String reason) {}

    /** Shots for all holes that pass, in the order of the holes. */
    public Change.Batch propose(Plan plan, Predicate<Hole> wanted) {
        return Change.batch(proposals(plan, wanted).stream()
                .map(one -> (Change) new Change.Add(one.shot()))
                .toList());
    }

    /** The same with their reasons; a hole for which nothing can be made has none. */
    public List<Proposed> proposals(Plan plan, Predicate<Hole> wanted) {
        List<Proposed> added = new ArrayList<>();
        Plan grown = plan;
        for (Hole hole : Coverage.holes(plan)) {
            Optional<Shot> shot = wanted.test(hole) ? shot(grown, hole) : Optional.empty();
            if (shot.isPresent()) {
                grown = grown.apply(new Change.Add(shot.get()));
                added.add(new Proposed(hole, shot.get(), FillReason.of(grown, shot.get())));
            }
        }
        return added;
    }

    private Optional<Shot> shot(Plan plan, Hole hole) {
        Action action = plan.get(Kind.ACTION, hole.actionId());
        List<Shot> blanks = sized(plan, action, hole.sizeClass())
                .map(shot -> viewed(action, shot, hole.view()))
                .toList();
        Optional<Shot> suiting = blanks.stream()
                .flatMap(blank -> bearings(action, hole).map(bearing -> blank.with("bearingDeg", bearing)))
                .flatMap(turned -> lenses(plan, turned))
                .map(shot -> atItsHeight(plan, action, shot, hole.view()))
                .filter(shot -> suits(plan, shot) && hole.view().shows(plan, shot))
                .findFirst()
                .map(shot -> following(plan, shot));
        // A size that is missing is proposed even where nothing suits; a special view is only proposed where it works.
        Optional<Shot> proposed = hole.view() == View.ANY
                ? suiting.or(
                        () -> Optional.of(atItsHeight(plan, action, closest(plan, blanks.get(0), action), hole.view())))
                : suiting;
        return proposed.map(shot -> shot.with("code", codes.next(action.codePrefix())));
    }

    private static Shot viewed(Action action, Shot shot, View view) {
        return switch (view) {
            case MASTER -> shot.with("holdS", Math.min(3600, action.durationS() + 2 * EITHER_SIDE_S));
            case TURNING -> shot.with("support", Support.TURNTABLE);
            case OVERHEAD -> shot.with("support", Support.OVERHEAD);
            case ANY, LOW, EYE, HIGH, LEVEL, FORTY_FIVE -> shot;
        };
    }

    /** Somebody who is through a still frame before the use is over is followed. */
    private static Shot following(Plan plan, Shot shot) {
        boolean gone = ShotRule.judgeAll(plan, shot).stream()
                .anyMatch(finding ->
                        finding.ruleId().equals(ShotRule.QUICK_CROSSING) && finding.status() == Status.BREAK);
        return gone ? shot.with("move", Move.FOLLOW).with("reason", MoveReason.FOLLOWS) : shot;
    }

    /** Where nothing suits, the shot is still proposed with the shortest lens; its findings say what is wrong. */
    private static Shot closest(Plan plan, Shot blank, Action action) {
        Shot turned = blank.with("bearingDeg", onKeptSide(action, 60));
        return lenses(plan, turned).reduce((first, second) -> second).orElse(turned);
    }

    /** The sizes of a class, the usual one first; a code is given only to what is proposed. */
    private Stream<Shot> sized(Plan plan, Action action, SizeClass sizeClass) {
        Shot shot = Shot.draft(
                        ids.get(),
                        action.id(),
                        action.codePrefix() + UNCODED,
                        plan.brief().rate())
                .with("rank", Ranks.after(plan.shotsOf(action)))
                .with("takes", action.once() ? 1 : 2)
                .with("placement", behind(action));
        return switch (sizeClass) {
            case WIDE -> Stream.of(shot.with("size", Size.WIDE), shot.with("size", Size.FULL));
            case MID ->
                Stream.of(Size.MEDIUM, Size.MEDIUM_FULL, Size.MEDIUM_CLOSE)
                        .map(size -> shot.with("size", size).with("support", Support.HAND_HELD));
            case DETAIL -> Stream.of(detail(action, shot), shot.with("size", Size.EXTREME_CLOSE_UP));
        };
    }

    /** With room ahead: on the side that somebody who moves or looks comes from. */
    private static Placement behind(Action action) {
        if (action.line() == Line.NONE) {
            return Placement.CENTRE;
        }
        return action.side() == Side.LEFT_TO_RIGHT ? Placement.LEFT_THIRD : Placement.RIGHT_THIRD;
    }

    private static Shot detail(Action action, Shot shot) {
        return action.hasThing()
                ? shot.with("insertHeightM", Optional.of(Framing.insertHeightM(action.thingHeightM())))
                        .with("size", Size.INSERT)
                : shot.with("size", Size.CLOSE_UP);
    }

    private static Stream<Double> bearings(Action action, Hole hole) {
        List<Double> preferred = switch (hole.sizeClass()) {
            case WIDE -> WIDE_BEARINGS;
            case MID -> MID_BEARINGS;
            case DETAIL -> DETAIL_BEARINGS;
        };
        // A school that asks many views of one size needs more places to stand.
        Stream<Double> between = hole.view() == View.ANY ? Stream.empty() : BETWEEN_BEARINGS.stream();
        return Stream.concat(preferred.stream(), between).map(bearing -> onKeptSide(action, bearing));
    }

    private static double onKeptSide(Action action, double bearing) {
        return action.side() == Side.LEFT_TO_RIGHT ? bearing : Degrees.wrap(-bearing);
    }

    /** The same shot through each lens of the kit, the one that suits the class first. */
    private static Stream<Shot> lenses(Plan plan, Shot shot) {
        double wished = switch (shot.size().sizeClass()) {
            case WIDE -> 24;
            case MID -> 50;
            case DETAIL -> 85;
        };
        return Glass.settings(plan)
                .sorted((one, other) -> Double.compare(offWish(one, wished), offWish(other, wished)))
                .map(setting -> shot.with("focalLengthMm", setting.focalLengthMm())
                        .with(
                                "apertureN",
                                Math.max(USUAL_APERTURE, setting.lens().widestN())));
    }

    private static double offWish(Glass.Setting setting, double wished) {
        return Math.abs(Math.log(setting.focalLengthMm() / wished));
    }

    /** Full figures from the waist, people's faces level with the eyes, things from above. */
    private static Shot atItsHeight(Plan plan, Action action, Shot shot, View view) {
        Stand stand = Stand.of(plan, shot);
        Extent extent = stand.extent();
        boolean ofThing = shot.size() == Size.INSERT || !extent.person();
        double height;
        if (view != View.ANY && view != View.MASTER) {
            height = height(stand, view);
        } else if (shot.size().fullOrWider()) {
            height = extent.person() ? extent.baseM() + WAIST_SHARE * (extent.topM() - extent.baseM()) : 1.5;
        } else if (ofThing) {
            height = stand.framing().aimM() + stand.distanceM() * Degrees.sin(LOOKING_DOWN_DEG);
        } else {
            height = extent.eyeLineM();
        }
        double onASupport = Numbers.clamp(height, LOWEST_M, HIGHEST_M);
        return shot.with("cameraHeightM", Math.round(onASupport * 100) / 100.0);
    }

    private static double height(Stand stand, View view) {
        double top = stand.extent().topM();
        double aim = stand.framing().aimM();
        return switch (view) {
            case LOW -> LOW_SHARE * top;
            case EYE -> EYE_SHARE * top;
            case HIGH -> HIGH_SHARE * top;
            case FORTY_FIVE -> aim + stand.distanceM() * Degrees.sin(STEEP_DEG);
            case OVERHEAD -> aim + stand.distanceM() * Degrees.sin(STEEPEST_DEG);
            case LEVEL, TURNING, ANY, MASTER -> aim;
        };
    }

    private static boolean suits(Plan plan, Shot shot) {
        boolean distinct = plan.shotsOf(plan.actionOf(shot)).stream()
                .allMatch(other -> Likeness.between(plan, other, shot).clear());
        return distinct && ShotRule.canStand(plan, shot);
    }
}
