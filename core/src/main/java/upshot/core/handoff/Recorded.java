package upshot.core.handoff;

import java.util.UUID;
import upshot.core.measure.FrameRate;

/**
 * A take as its clip is looked for.
 *
 * @param id of the entry that began it
 * @param body the place of its camera, −1 where nobody said
 * @param fromMs when somebody pressed that it rolls, by the server's clock
 * @param lastsS from there to stop; below 0 where that is not known
 * @param timed whether it was logged while it rolled
 * @param capture what its shot was to be recorded at
 * @param clipName what somebody wrote down as its clip, or empty
 * @param card likewise
 */
public record Recorded(
        UUID id,
        int body,
        double fromMs,
        double lastsS,
        boolean timed,
        FrameRate capture,
        String clipName,
        String card) {}
