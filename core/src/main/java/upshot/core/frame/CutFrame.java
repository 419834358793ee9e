package upshot.core.frame;

import upshot.core.ground.Likeness;
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.plan.UseCrop;
import upshot.core.time.Motion;
import upshot.core.time.Playback;

/**
 * A use as it is seen at one of its ends: with the camera's move done or not begun, played backwards where it is, cropped
 * and flipped. It is the picture that is drawn and played.
 *
 * @param view how the subject is framed, for likeness
 * @param eye where the viewer looks, in shares of the frame's width and height
 * @param travel which way the action goes across the frame
 */
public record CutFrame(Likeness.View view, FramePoint eye, ScreenTravel travel) {

    private static final double CROSSED_FROM = 0.25;
    private static final double CROSSED = 0.5;

    /**
     * @param out whether the end is meant, else the beginning
     */
    public static CutFrame of(Around plan, Shot shot, Use use, boolean out) {
        double share = use.still() || out == use.reversed() ? 0 : 1;
        ScreenTravel travel = travelOf(plan, shot, use, out);
        Likeness.View planned = Likeness.View.of(plan, shot);
        Likeness.View view = moves(shot) ? moved(plan, shot, share, planned) : planned;
        FramePoint eye = eye(plan, shot, use, share, out);
        return new CutFrame(cropped(view, use.crop(), plan.brief().aspect().ratio()), cropped(eye, use.crop()), travel);
    }

    private static boolean moves(Shot shot) {
        return shot.move().moving() || shot.alsoMove().moving() || shot.zooms();
    }

    /** Which way the action goes across the frame at one of the use's ends. */
    public static ScreenTravel travelOf(Around plan, Shot shot, Use use, boolean out) {
        ScreenTravel travel = Stand.travelAt(plan, shot, use.reversed(), out);
        return use.crop().flipped() ? travel.turnedRound() : travel;
    }

    private static Likeness.View moved(Around plan, Shot shot, double share, Likeness.View planned) {
        Pinhole camera = DrawnFrame.cameraAt(plan, shot, new Moment(share, 0, 1));
        Point3 aim = new Point3(planned.acrossM(), planned.aheadM(), planned.upM());
        double depth = camera.depthM(aim);
        Point3 middle = camera.position().plus(camera.forward().times(depth));
        Point3 from = camera.position().minus(aim);
        double level = Math.hypot(from.x(), from.y());
        return planned.moved(
                Degrees.wrap(Degrees.atan2(from.x(), from.y())),
                Degrees.atan2(from.z(), level),
                camera.frameHeightM(depth),
                middle.x(),
                middle.y(),
                middle.z());
    }

    private static FramePoint eye(Around plan, Shot shot, Use use, double share, boolean out) {
        double aspect = plan.brief().aspect().ratio();
        FramePoint eye =
                moves(shot) ? DrawnFrame.eyeAt(plan, shot, new Moment(share, 0, 1)) : DrawnFrame.eyeOf(plan, shot);
        double u = crosses(plan, shot, use) ? crossedU(plan, shot, use, out) : eye.u() / aspect;
        return new FramePoint(u, eye.v());
    }

    /** Whether the subject goes across a frame that rests. */
    private static boolean crosses(Around plan, Shot shot, Use use) {
        Action action = plan.actionOf(shot);
        return action.travels()
                && shot.move() == Move.STILL
                && shot.subjectId().isEmpty()
                && !use.still()
                && Stand.travel(plan, shot, false) != ScreenTravel.NEUTRAL;
    }

    /** From a quarter of the frame towards three quarters, as far as it gets. */
    private static double crossedU(Around plan, Shot shot, Use use, boolean out) {
        Playback playback = Playback.of(use.frameStep(), plan.brief().rate(), shot.captureRate());
        double takes = Motion.crossingS(
                Stand.of(plan, shot).framing().heightM(),
                plan.brief().aspect().ratio(),
                plan.actionOf(shot).speedMps(),
                shot.bearingDeg(),
                playback);
        double gone = out ? Math.min(1, plan.brief().rate().secondsOf(use.frames()) / takes) : 0;
        double u = CROSSED_FROM + CROSSED * gone;
        return Stand.travel(plan, shot, use.reversed()) == ScreenTravel.LEFT_TO_RIGHT ? u : 1 - u;
    }

    private static Likeness.View cropped(Likeness.View view, UseCrop crop, double aspect) {
        if (crop.cropZoom() == 1) {
            return view;
        }
        double left = (1 - 1 / crop.cropZoom()) / 2 * view.heightM();
        return view.cropped(
                view.heightM() / crop.cropZoom(), crop.cropAcross() * left * aspect, -crop.cropDown() * left);
    }

    private static FramePoint cropped(FramePoint eye, UseCrop crop) {
        double hidden = (1 - 1 / crop.cropZoom()) / 2;
        double u = within((eye.u() - hidden * (1 + crop.cropAcross())) * crop.cropZoom());
        double v = within((eye.v() - hidden * (1 + crop.cropDown())) * crop.cropZoom());
        return new FramePoint(crop.flipped() ? 1 - u : u, v);
    }

    private static double within(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
