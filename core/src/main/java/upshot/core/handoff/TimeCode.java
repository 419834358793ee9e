package upshot.core.handoff;

import upshot.core.measure.FrameRate;

/**
 * Time codes: numbers of frames as hours, minutes, seconds and frames, counted at the whole rate above the real one. At
 * 29.97 and 59.94 a drop-frame code leaves out the first two or four numbers of every minute but each tenth, so that an hour
 * of code is an hour (SMPTE ST 12-1).
 */
public final class TimeCode {

    private static final int MINUTE_S = 60;
    private static final int TEN_MINUTES = 10;
    private static final int HOURS = 24;
    private static final int THIRTY = 30;

    private TimeCode() {}

    /** The whole rate that a code counts at. */
    public static int nominal(FrameRate rate) {
        return (int) Math.ceil(rate.perSecond() - 1e-9);
    }

    /** Whether there is a drop-frame code at a rate. */
    public static boolean canDrop(FrameRate rate) {
        return rate.denominator() == 1001 && nominal(rate) % THIRTY == 0;
    }

    /**
     * The code of a frame, "10:00:00:00", with a semicolon before the frames where numbers are left out.
     *
     * @param frame from midnight, 0 or more; a day later it begins again
     */
    public static String of(long frame, FrameRate rate, boolean drop) {
        int nominal = nominal(rate);
        long number = drop ? withDropped(frame, nominal) : frame;
        number %= (long) HOURS * MINUTE_S * MINUTE_S * nominal;
        long seconds = number / nominal;
        return "%02d:%02d:%02d%s%02d"
                .formatted(
                        seconds / (MINUTE_S * MINUTE_S),
                        seconds / MINUTE_S % MINUTE_S,
                        seconds % MINUTE_S,
                        drop ? ";" : ":",
                        number % nominal);
    }

    private static long withDropped(long frame, int nominal) {
        long dropped = dropped(nominal);
        long perMinute = (long) MINUTE_S * nominal - dropped;
        long perTen = TEN_MINUTES * perMinute + dropped;
        long tens = frame / perTen;
        long rest = frame % perTen;
        long minutes = rest < (long) MINUTE_S * nominal ? 0 : 1 + (rest - (long) MINUTE_S * nominal) / perMinute;
        return frame + dropped * (9 * tens + minutes);
    }

    private static long dropped(int nominal) {
        return nominal / THIRTY * 2L;
    }

    /**
     * The frame of a code.
     *
     * @throws IllegalArgumentException when it is no code at that rate
     */
    public static long frame(String code, FrameRate rate, boolean drop) {
        if (!code.matches("\\d\\d:\\d\\d:\\d\\d[:;.]\\d\\d\\d?")) {
            throw new IllegalArgumentException("“%s” is no time code. Maybe 10:00:00:00?".formatted(code));
        }
        int nominal = nominal(rate);
        String[] parts = code.split("[:;.]");
        long hours = Long.parseLong(parts[0]);
        long minutes = Long.parseLong(parts[1]);
        long seconds = Long.parseLong(parts[2]);
        long frames = Long.parseLong(parts[3]);
        long allMinutes = hours * MINUTE_S + minutes;
        boolean leftOut = drop && seconds == 0 && frames < dropped(nominal) && minutes % TEN_MINUTES != 0;
        if (hours >= HOURS || minutes >= MINUTE_S || seconds >= MINUTE_S || frames >= nominal || leftOut) {
            throw new IllegalArgumentException("There is no %s at %s frames a second.".formatted(code, rate.label()));
        }
        long number = (allMinutes * MINUTE_S + seconds) * nominal + frames;
        return drop ? number - dropped(nominal) * (allMinutes - allMinutes / TEN_MINUTES) : number;
    }

    /**
     * The time of day that a clip's code shows, as people read it: a code that leaves nothing out at 29.97 is read as it
     * stands, though it is slow by a thousandth.
     */
    static double secondsOf(Clip clip, int frame) {
        return clip.dropFrame() ? clip.rate().secondsOf(frame) : (double) frame / nominal(clip.rate());
    }
}
