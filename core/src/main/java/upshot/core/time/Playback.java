package upshot.core.time;

import upshot.core.measure.FrameRate;

/**
 * How recorded time becomes screen time.
 *
 * @param speed p = r·b/c: 1 is real time, 0.2 five times slow, negative reversed, 0 a still
 */
public record Playback(double speed) {

    private static final double SLOW_TO = 0.8;
    private static final double ROUNDING = 1e-9;

    /**
     * @param frameStep r, relative to frame for frame
     * @param timeline b
     * @param capture c
     */
    public static Playback of(double frameStep, FrameRate timeline, FrameRate capture) {
        return new Playback(frameStep * timeline.over(capture));
    }

    /** Whether it counts as slow motion: |p| of 0.8 and less, but no still. */
    public boolean slow() {
        return speed != 0 && Math.abs(speed) <= SLOW_TO + ROUNDING;
    }

    /** S·|p|: the seconds of the world behind so many seconds of screen. */
    public double realS(double screenS) {
        return screenS * Math.abs(speed);
    }

    /** The seconds of screen that so many seconds of the world give. */
    public double screenS(double realS) {
        return realS / Math.abs(speed);
    }

    /** "real time", "5× slow", "2× fast", "reversed", "a still". */
    public String label() {
        if (speed == 0) {
            return "a still";
        }
        double amount = Math.abs(speed);
        String way = speed < 0 ? "reversed" : "";
        if (Math.abs(amount - 1) < 0.005) {
            return way.isEmpty() ? "real time" : way;
        }
        String pace = amount < 1 ? times(1 / amount) + "× slow" : times(amount) + "× fast";
        return way.isEmpty() ? pace : pace + ", " + way;
    }

    private static String times(double factor) {
        double rounded = Math.round(factor * 10) / 10.0;
        return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
    }
}
