package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;

/**
 * Which way an action goes.
 *
 * @param speedMps how fast the subject goes, 0 to 100 m/s
 * @param line what gives it a direction
 * @param side the side of the line that is kept
 * @param rises whether it goes up or down
 */
public record ActionDirection(double speedMps, Line line, Side side, Rise rises) implements Part {

    public ActionDirection {
        speedMps = range("speedMps", "speed", speedMps, 0, 100, "m/s");
        chosen("line", "direction", line);
        chosen("side", "side", side);
        chosen("rises", "up or down", rises);
    }
}
