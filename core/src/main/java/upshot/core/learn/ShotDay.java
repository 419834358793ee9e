package upshot.core.learn;

import java.util.List;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LoggedDay;
import upshot.day.log.LogState;
import upshot.day.log.Take;
import upshot.day.log.What;

/**
 * A day and its log.
 *
 * @param state as it ended
 */
public record ShotDay(LoggedDay day, DayLog log, LogState state) {

    /**
     * Folds a log.
     *
     * @param nowMs milliseconds since 1970
     */
    public static ShotDay of(LoggedDay day, DayLog log, long nowMs) {
        return new ShotDay(day, log, log.state(nowMs));
    }

    /** Whether its times are those of the camera; what was written down afterwards has none. */
    boolean timed(Take take) {
        return !take.rolling() && log.entries().get(take.line()).what() != What.ENTERED;
    }

    /** The planned shots in a take. */
    List<Shot> shots(Take take) {
        return take.parts().stream()
                .filter(part -> part.shot() >= 0)
                .map(part -> day.shots().get(part.shot()))
                .toList();
    }
}
