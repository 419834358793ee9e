package upshot.app.roll;

import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** What time it is on a day: the clock's, unless that day is being played, and then many times as fast. */
@Component
public class ShootClock {

    private final Clock clock;
    private final Map<UUID, Played> played = new ConcurrentHashMap<>();

    ShootClock(Clock clock) {
        this.clock = clock;
    }

    /**
     * A moment of a day.
     *
     * @param ms since 1970
     * @param pace how many seconds of the day pass in one; 1 on every day but one that is played
     */
    public record Now(long ms, double pace) {}

    private record Played(long fromMs, long beganMs, double pace) {}

    /** Lets a day pass from a moment on, so many times as fast, until it is {@link #real} again. */
    public void play(UUID jobId, long fromMs, double pace) {
        played.put(jobId, new Played(fromMs, clock.millis(), pace));
    }

    public void real(UUID jobId) {
        played.remove(jobId);
    }

    public Now of(UUID jobId) {
        long real = clock.millis();
        Played one = played.get(jobId);
        return one == null
                ? new Now(real, 1)
                : new Now(one.fromMs() + Math.round((real - one.beganMs()) * one.pace()), one.pace());
    }
}
