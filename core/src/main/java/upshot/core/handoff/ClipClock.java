package upshot.core.handoff;

import java.util.function.ToDoubleFunction;

/**
 * How the times in a camera's clips become the server's.
 *
 * @param source which of its times they are
 * @param addMs what has to be added at {@code aboutMs}
 * @param perMs how much more for each millisecond after that: a clock that runs slow gains
 * @param aboutMs by the clip's own times
 * @param nearMs about when the day was, by the server: a time code begins again at midnight
 */
public record ClipClock(Source source, double addMs, double perMs, double aboutMs, double nearMs) {

    private static final double S = 1000;
    private static final double DAY_MS = 24 * 3600 * S;

    /** What a clip's time is read from. */
    public enum Source {
        /** The header's time, as that of the beginning. */
        MADE(clip -> clip.madeMs().map(Long::doubleValue).orElse(Double.NaN)),
        /** The header's time, as that of the end. */
        ENDED(clip -> clip.madeMs().map(ms -> ms - S * clip.lastsS()).orElse(Double.NaN)),
        /** The time code, as a time of day. */
        TIME_CODE(clip -> clip.startFrame()
                .map(frame -> S * TimeCode.secondsOf(clip, frame))
                .orElse(Double.NaN)),
        /** Nothing: only the order of the clips. */
        ORDER(clip -> Double.NaN);

        private final ToDoubleFunction<Clip> time;

        Source(ToDoubleFunction<Clip> time) {
            this.time = time;
        }

        /** Milliseconds by the camera's clock, NaN where a clip does not have it. */
        double ms(Clip clip) {
            return time.applyAsDouble(clip);
        }
    }

    /** The camera's own time of a clip, NaN where it has none; a time code goes on behind midnight. */
    double cameraMs(Clip clip) {
        double ms = source.ms(clip);
        return source == Source.TIME_CODE ? ms + DAY_MS * Math.rint((nearMs - addMs - ms) / DAY_MS) : ms;
    }

    /** When a clip begins by the server's clock, NaN where the clip has no such time. */
    public double serverMs(Clip clip) {
        double cameraMs = cameraMs(clip);
        return cameraMs + addMs + perMs * (cameraMs - aboutMs);
    }
}
