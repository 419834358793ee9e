package upshot.core.plan;

import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.whole;

/**
 * How long and how often it is taken.
 *
 * @param holdS clean seconds asked for, 0.5 to 3600 s
 * @param takes 1 to 99
 */
public record ShotTake(double holdS, int takes) implements Part {

    public ShotTake {
        holdS = range("holdS", "hold", holdS, 0.5, 3600, "s");
        takes = whole("takes", "number of takes", takes, 1, 99, "");
    }

    ShotTake withHoldS(double holdS) {
        return new ShotTake(holdS, takes);
    }

    ShotTake withTakes(int takes) {
        return new ShotTake(holdS, takes);
    }
}
