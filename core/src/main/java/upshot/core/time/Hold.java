package upshot.core.time;

import java.util.Collection;
import upshot.core.measure.Numbers;

/**
 * The clean seconds to record, in real time, and the roll round them.
 *
 * <p>U = max(hold·clamp(|p|, 0.4, 1), Σ over uses (S + 2η)|p|, the action's length when it happens once), with a
 * handle η of playback on each side; a moving shot adds one second still at each end, and a subject that comes into the
 * frame or leaves it one second of the empty frame each time. The roll adds the support's settling before and a tail
 * after.
 *
 * @param cleanS U
 * @param usedS what its uses show of it with their handles; 0 where it has none
 * @param settleS seconds until the support is still
 * @param rollS settling, clean seconds and tail
 */
public record Hold(double cleanS, double usedS, double settleS, double rollS) {

    private static final double SLOWEST_SHARE = 0.4;
    private static final double STILL_ENDS_S = 2;

    /**
     * @param askedS the hold asked for, real seconds
     * @param nominal the playback the shot is planned for
     * @param uses what the cut shows of it
     * @param actionOnceS the action's length when it cannot be repeated, else 0
     * @param moving whether the camera moves
     * @param emptyS seconds of the empty frame before the subject comes and after it has gone
     * @param settleS of the support
     * @param tailS rolled after the last clean second, usually 2
     */
    public static Hold of(
            double askedS,
            Playback nominal,
            Collection<Slice> uses,
            double actionOnceS,
            boolean moving,
            double emptyS,
            double settleS,
            double tailS) {
        double asked = askedS * Numbers.clamp(Math.abs(nominal.speed()), SLOWEST_SHARE, 1);
        double used = uses.stream().mapToDouble(Slice::realS).sum();
        double clean = Math.max(Math.max(asked, used), actionOnceS) + (moving ? STILL_ENDS_S : 0) + emptyS;
        return new Hold(clean, used, settleS, settleS + clean + tailS);
    }

    /** takes × roll + (takes − 1) × reset, in seconds. */
    public double shotTimeS(int takes, double resetS) {
        return takes * rollS + (takes - 1) * resetS;
    }

    /**
     * What one use needs of a shot.
     *
     * @param screenS its length on screen
     * @param handleS η, seconds of playback kept on each side for the editor, usually 1
     */
    public record Slice(double screenS, Playback playback, double handleS) {

        double realS() {
            return playback.realS(screenS + 2 * handleS);
        }
    }
}
