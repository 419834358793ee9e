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
record LineupUse(Shot shot, long startFrame, long endFrame, double frameStep, Optional<Use> pinned) {

    static LineupUse of(Shot shot, long startFrame, long endFrame, double frameStep) {
        return new LineupUse(shot, startFrame, endFrame, frameStep, Optional.empty());
    }

    static LineupUse pinned(Shot shot, long startFrame, Use use) {
        return new LineupUse(shot, startFrame, startFrame + use.frames(), use.frameStep(), Optional.of(use));
    }

    boolean free() {
        return pinned.isEmpty();
    }

    int frames() {
        return (int) (endFrame - startFrame);
    }

    LineupUse from(long start) {
        return new LineupUse(shot, start, endFrame, frameStep, pinned);
    }

    LineupUse until(long end) {
        return new LineupUse(shot, startFrame, end, frameStep, pinned);
    }

    LineupUse showing(Shot other, double step) {
        return new LineupUse(other, startFrame, endFrame, step, pinned);
    }
}
