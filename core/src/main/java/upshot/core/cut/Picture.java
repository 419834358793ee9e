package upshot.core.cut;

import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Shot;
import upshot.core.plan.ShotView;
import upshot.core.plan.Use;
import upshot.core.time.Playback;

/**
 * A use with the shot that it shows, wherever it may stand in a cut.
 *
 * @param around the shot as it stands in the plan
 */
public record Picture(Use use, ShotView around) {

    public Shot shot() {
        return around.shot();
    }

    public Action action() {
        return around.action();
    }

    /** How it turns recorded time into screen time. */
    public Playback playback() {
        return Playback.of(use.frameStep(), timeline(), shot().captureRate());
    }

    /** The seconds of the world that it shows. */
    public double realS() {
        return playback().realS(timeline().secondsOf(use.frames()));
    }

    /**
     * Whether it goes on where another ends, at the same speed: nobody sees a cut there, until something is put between.
     */
    public boolean goesOnFrom(Picture out) {
        boolean same = use.entry() == Entry.STRAIGHT
                && use.inS().isPresent()
                && out.use.inS().isPresent()
                && out.use.frameStep() == use.frameStep()
                && out.shot().equals(shot());
        if (!same) {
            return false;
        }
        double halfFrameS = 0.5 / timeline().perSecond();
        return Math.abs(use.inS().get() - out.use.inS().get() - out.realS()) < halfFrameS;
    }

    private FrameRate timeline() {
        return around.brief().rate();
    }
}
