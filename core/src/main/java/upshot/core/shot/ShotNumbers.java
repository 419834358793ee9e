package upshot.core.shot;

import java.util.List;
import upshot.core.ground.Stand;
import upshot.core.house.CoverageSchool;
import upshot.core.house.Threshold;
import upshot.core.optics.CloseUp;
import upshot.core.optics.DepthOfField;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Meant;
import upshot.core.plan.Shot;
import upshot.core.plan.Taken;
import upshot.core.plan.Transition;
import upshot.core.plan.Use;
import upshot.core.time.Hold;
import upshot.core.time.Playback;
import upshot.core.time.Shutter;

/**
 * The numbers to shoot a shot with.
 *
 * @param stand where the camera is
 * @param depth what is sharp
 * @param blurPercent how soft the background is, percent of the long side
 * @param playback frame for frame
 * @param shutter by the school, or as it was chosen
 * @param hold how long to keep it clean and to roll
 * @param shotTimeS all takes with their resets, seconds
 * @param screenS what the cut shows of it, seconds
 * @param usableScreenS what one keeper gives, seconds of playback
 */
public record ShotNumbers(
        Stand stand,
        DepthOfField depth,
        double blurPercent,
        Playback playback,
        Shutter shutter,
        Hold hold,
        double shotTimeS,
        double screenS,
        double usableScreenS) {

    private static final double LEAST_PART_S = 3;
    private static final double LONG_S = 10;
    private static final double LONG_ENDS_S = 30;
    private static final double EITHER_SIDE_S = 2;

    public static ShotNumbers of(Around plan, Shot shot) {
        return plan.remember(ShotNumbers.class, shot, around -> workedOut(around, shot));
    }

    private static ShotNumbers workedOut(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Stand stand = Stand.of(plan, shot);
        Playback playback = Playback.of(1, plan.brief().rate(), shot.captureRate());
        List<Use> uses = plan.usesOf(shot);
        Hold hold = hold(plan, shot, action, playback, uses);
        long frames = uses.stream().mapToLong(Use::frames).sum();
        return new ShotNumbers(
                stand,
                depth(stand, shot),
                blurPercent(stand, shot, stand.distanceM() + plan.spotOf(action).backdropM()),
                playback,
                Exposing.shutter(plan, shot),
                hold,
                hold.shotTimeS(shot.takes(), action.resetMin() * 60) + besidesS(plan, shot, hold),
                plan.brief().rate().secondsOf(frames),
                playback.screenS(hold.cleanS()));
    }

    /** A clean plate is one roll more; who films alone starts the camera, walks in and looks at each take. */
    private static double besidesS(Around plan, Shot shot, Hold hold) {
        double alone = FilmsAlone.inFrontOfIt(plan, shot) ? shot.takes() * plan.threshold(Threshold.ALONE) * 60 : 0;
        return alone + (shot.cleanPlate() ? hold.rollS() : 0);
    }

    /** How soft a background at so many metres from the lens is. */
    private static double blurPercent(Stand stand, Shot shot, double backgroundM) {
        return shot.dioptrePerM() == 0
                ? stand.sensor()
                        .backgroundBlurPercent(shot.focalLengthMm(), shot.apertureN(), stand.distanceM(), backgroundM)
                : stand.sensor()
                        .blurPercent(
                                shot.focalLengthMm(),
                                shot.apertureN(),
                                stand.sensor().heightMm()
                                        / (1000 * stand.framing().heightM()),
                                stand.distanceM(),
                                backgroundM);
    }

    /** Through a close-up glass both limits are those of the lens behind it, mapped. */
    private static DepthOfField depth(Stand stand, Shot shot) {
        double strength = shot.dioptrePerM();
        if (strength == 0) {
            return DepthOfField.of(stand.sensor(), shot.focalLengthMm(), shot.apertureN(), stand.distanceM());
        }
        double lensM = 1 / Math.max(1e-6, 1 / stand.distanceM() - strength);
        DepthOfField own = DepthOfField.of(stand.sensor(), shot.focalLengthMm(), shot.apertureN(), lensM);
        return new DepthOfField(
                CloseUp.mappedM(own.nearM(), strength), CloseUp.mappedM(own.farM(), strength), own.hyperfocalM());
    }

    private static Hold hold(Around plan, Shot shot, Action action, Playback playback, List<Use> uses) {
        List<Hold.Slice> slices = uses.stream()
                .map(use -> new Hold.Slice(
                        plan.brief().rate().secondsOf(use.frames()),
                        Playback.of(use.frameStep(), plan.brief().rate(), shot.captureRate()),
                        Math.max(plan.threshold(Threshold.HANDLE), halfTransitionS(plan, use))))
                .toList();
        // In one run the parts share the action; its length and the schools of holding are kept by the run.
        boolean part = action.taken() != Taken.SHOT_BY_SHOT;
        return Hold.of(
                part ? LEAST_PART_S : askedS(plan, shot, action),
                playback,
                slices,
                action.once() && !part ? action.durationS() : 0,
                shot.move().moving(),
                shot.frameUse().emptyS(),
                shot.support().settleS(),
                plan.threshold(Threshold.TAIL));
    }

    /** Half of the longer transition at either end of a use, in seconds of playback. */
    private static double halfTransitionS(Around plan, Use use) {
        int out = plan.outOf(use).map(Transition::frames).orElse(0);
        return plan.brief().rate().secondsOf(Math.max(use.joinFrames(), out)) / 2;
    }

    /** The hold that the house's school asks of a shot, never less than the shot's own. */
    private static double askedS(Around plan, Shot shot, Action action) {
        boolean wholeRun = plan.house().coverage() == CoverageSchool.PERFORMANCE && shot.meant() == Meant.MASTER;
        return Math.max(schoolS(plan, shot, action), wholeRun ? action.durationS() : 0);
    }

    private static double schoolS(Around plan, Shot shot, Action action) {
        return switch (plan.house().hold()) {
            case AS_ASKED -> shot.holdS();
            case LONG ->
                Math.max(
                        shot.holdS(),
                        plan.opensOrCloses(shot) || shot.meant() != Meant.ANYTHING ? LONG_ENDS_S : LONG_S);
            case AS_LONG_AS_IT_LASTS ->
                action.feature() ? shot.holdS() : Math.max(shot.holdS(), action.durationS() + 2 * EITHER_SIDE_S);
        };
    }
}
