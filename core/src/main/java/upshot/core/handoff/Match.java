package upshot.core.handoff;

import java.util.UUID;

/**
 * A take and its clip.
 *
 * @param apartS how much later the clip begins than somebody pressed, when the camera's clock is put right; 0 where that
 *     is not known
 * @param margin how much better this is than the best way without it, as the logarithm of odds
 * @param said whether a person said so
 */
public record Match(UUID takeId, UUID clipId, double apartS, double margin, boolean said) {

    /** A hundred to one. */
    private static final double CERTAIN = Math.log(100);

    public boolean certain() {
        return said || margin >= CERTAIN;
    }
}
