package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;

import java.time.LocalTime;
import java.util.Optional;

/**
 * When an action happens, how long and how often.
 *
 * @param durationS how long it takes once, 0.1 to 36000 s
 * @param once true when it cannot be repeated
 * @param fixedTime when it happens, if the day and not the crew decides
 * @param resetMin minutes to make it ready again, 0 to 600
 * @param fromTime not before, local to the place, or none
 * @param untilTime not after, or none
 */
public record ActionTiming(
        double durationS,
        boolean once,
        Optional<LocalTime> fixedTime,
        double resetMin,
        Optional<LocalTime> fromTime,
        Optional<LocalTime> untilTime)
        implements Part {

    public ActionTiming {
        durationS = range("durationS", "length of the action", durationS, 0.1, 36_000, "s");
        chosen("fixedTime", "time", fixedTime).ifPresent(time -> Check.minute("fixedTime", "time", time));
        resetMin = range("resetMin", "reset", resetMin, 0, 600, "min");
        chosen("fromTime", "time", fromTime).ifPresent(time -> Check.minute("fromTime", "time", time));
        chosen("untilTime", "time", untilTime).ifPresent(time -> Check.minute("untilTime", "time", time));
    }

    ActionTiming withFromTime(Optional<LocalTime> fromTime) {
        return new ActionTiming(durationS, once, fixedTime, resetMin, fromTime, untilTime);
    }

    ActionTiming withUntilTime(Optional<LocalTime> untilTime) {
        return new ActionTiming(durationS, once, fixedTime, resetMin, fromTime, untilTime);
    }
}
