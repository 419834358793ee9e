package upshot.core.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import upshot.core.joint.Likeness;
import upshot.core.measure.Degrees;
import upshot.core.measure.Numbers;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Kind;
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

    private static final double WAIST_SHARE = 0.6;
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

    /** Shots for all holes that pass, in the order of the holes. */
    public Change.Batch propose(Plan plan, Predicate<Hole> wanted) {
        List<Change> added = new ArrayList<>();
        Plan grown = plan;
        for (Hole hole : Triad.holes(plan)) {
            if (wanted.test(hole)) {
                Change add = new Change.Add(shot(grown, hole));
                added.add(add);
                grown = grown.apply(add);
            }
        }
        return Change.batch(added);
    }

    private Shot shot(Plan plan, Hole hole) {
        Action action = plan.get(Kind.ACTION, hole.actionId());
        Shot blank = sized(plan, action, hole.sizeClass());
        return bearings(action, hole.sizeClass())
                .map(bearing -> blank.with("bearingDeg", bearing))
                .flatMap(turned -> lenses(plan, turned))
                .map(shot -> atItsHeight(plan, action, shot))
                .filter(shot -> suits(plan, shot))
                .findFirst()
                .orElseGet(() -> atItsHeight(plan, action, closest(plan, blank, action)));
    }

    /** Where nothing suits, the shot is still proposed with the shortest lens; its findings say what is wrong. */
    private static Shot closest(Plan plan, Shot blank, Action action) {
        Shot turned = blank.with("bearingDeg", onKeptSide(action, 60));
        return lenses(plan, turned).reduce((first, second) -> second).orElse(turned);
    }

    private Shot sized(Plan plan, Action action, SizeClass sizeClass) {
        Shot shot = Shot.draft(
                        ids.get(),
                        action.id(),
                        codes.next(action.codePrefix()),
                        plan.brief().rate())
                .with("rank", Ranks.after(plan.shotsOf(action)))
                .with("takes", action.once() ? 1 : 2);
        return switch (sizeClass) {
            case WIDE -> shot.with("size", Size.WIDE);
            case MID -> shot.with("size", Size.MEDIUM).with("support", Support.HAND_HELD);
            case DETAIL -> detail(action, shot);
        };
    }

    private static Shot detail(Action action, Shot shot) {
        return action.hasThing()
                ? shot.with("insertHeightM", Optional.of(Framing.insertHeightM(action.thingHeightM())))
                        .with("size", Size.INSERT)
                : shot.with("size", Size.CLOSE_UP);
    }

    private static Stream<Double> bearings(Action action, SizeClass sizeClass) {
        List<Double> preferred = switch (sizeClass) {
            case WIDE -> WIDE_BEARINGS;
            case MID -> MID_BEARINGS;
            case DETAIL -> DETAIL_BEARINGS;
        };
        return preferred.stream().map(bearing -> onKeptSide(action, bearing));
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
    private static Shot atItsHeight(Plan plan, Action action, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        Extent extent = stand.extent();
        boolean ofThing = shot.size() == Size.INSERT || !extent.person();
        double height;
        if (shot.size().fullOrWider()) {
            height = extent.person() ? extent.baseM() + WAIST_SHARE * (extent.topM() - extent.baseM()) : 1.5;
        } else if (ofThing) {
            height = stand.framing().aimM() + stand.distanceM() * Degrees.sin(LOOKING_DOWN_DEG);
        } else {
            height = extent.eyeLineM();
        }
        double onASupport = Numbers.clamp(height, LOWEST_M, HIGHEST_M);
        return shot.with("cameraHeightM", Math.round(onASupport * 100) / 100.0);
    }

    private static boolean suits(Plan plan, Shot shot) {
        boolean distinct = plan.shotsOf(plan.actionOf(shot)).stream()
                .allMatch(other -> Likeness.between(plan, other, shot).clear());
        return distinct
                && ShotRule.judgeAll(plan.apply(new Change.Add(shot)), shot).isEmpty();
    }
}
