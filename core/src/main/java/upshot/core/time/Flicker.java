package upshot.core.time;

/**
 * Lamps on the mains, seen by a camera.
 *
 * <p>They pulse at L = 2 × mains. A frame exposed for t takes in a depth m = |sin(πtL)/(πtL)| of the pulse. The shown
 * frames sample it at c_e = c/max(1,|r|), which beats B = |L − c_e·round(L/c_e)|·|p| times a second on screen.
 *
 * @param depth m, 0 for a whole number of pulses in a frame
 * @param beatHz B, 0 when the frames are locked to the pulses
 */
public record Flicker(double depth, double beatHz) {

    private static final double UNSEEN_DEPTH = 0.03;
    private static final double BANDS_FROM_DEPTH = 0.25;
    private static final double LOCKED_BELOW_HZ = 0.2;

    /** What it looks like. */
    public enum Look {
        CLEAR,
        /** Standing bands of light and dark. */
        BANDS,
        /** It pulses while one watches. */
        BEATS
    }

    /**
     * @param mainsHz 50 or 60
     * @param shutterS t, seconds
     * @param captureRate c, frames a second
     * @param frameStep r, relative to frame for frame
     * @param playback p, of r
     */
    public static Flicker of(int mainsHz, double shutterS, double captureRate, double frameStep, Playback playback) {
        double pulses = 2.0 * mainsHz;
        double angle = Math.PI * shutterS * pulses;
        double depth = Math.abs(Math.sin(angle) / angle);
        double shown = captureRate / Math.max(1, Math.abs(frameStep));
        double beat = Math.abs(pulses - shown * Math.round(pulses / shown)) * Math.abs(playback.speed());
        return new Flicker(depth, beat);
    }

    public Look look() {
        if (depth < UNSEEN_DEPTH) {
            return Look.CLEAR;
        }
        if (beatHz >= LOCKED_BELOW_HZ) {
            return Look.BEATS;
        }
        return depth >= BANDS_FROM_DEPTH ? Look.BANDS : Look.CLEAR;
    }
}
