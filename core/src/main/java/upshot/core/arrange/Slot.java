package upshot.core.arrange;

import java.util.Optional;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/**
 * A use that is only being thought of.
 *
 * @param startFrame counted from 0
 * @param endFrame where the next one begins
 * @param frameStep as in {@link Use}
 * @param pinned the use that stays as it is, where it is one
 */
record Slot(Shot shot, long startFrame, long endFrame, double frameStep, Optional<Use> pinned) {

    static Slot of(Shot shot, long startFrame, long endFrame, double frameStep) {
        return new Slot(shot, startFrame, endFrame, frameStep, Optional.empty());
    }

    static Slot pinned(Shot shot, long startFrame, Use use) {
        return new Slot(shot, startFrame, startFrame + use.frames(), use.frameStep(), Optional.of(use));
    }

    boolean free() {
        return pinned.isEmpty();
    }

    int frames() {
        return (int) (endFrame - startFrame);
    }

    Slot from(long start) {
        return new Slot(shot, start, endFrame, frameStep, pinned);
    }

    Slot until(long end) {
        return new Slot(shot, startFrame, end, frameStep, pinned);
    }

    Slot showing(Shot other, double step) {
        return new Slot(other, startFrame, endFrame, step, pinned);
    }
}
