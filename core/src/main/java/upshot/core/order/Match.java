package upshot.core.order;

import java.util.ArrayList;
import java.util.List;

/**
 * What a setup costs where it stands: the data of one constraint for one setup, out of which the search makes its score
 * and the words their reason.
 *
 * @param hundredths weighted minutes, in hundredths
 */
public record Match(int setup, Cost cost, long hundredths) {

    private static final Cost[] COSTS = Cost.values();

    /** One cost at one setup. */
    public static Match of(Pace pace, Cost cost) {
        return new Match(pace.setup(), cost, pace.hundredths(cost));
    }

    /** All costs at one setup that are not nothing. */
    public static List<Match> of(Pace pace) {
        List<Match> matches = new ArrayList<>();
        for (Cost cost : COSTS) {
            if (pace.hundredths(cost) != 0) {
                matches.add(of(pace, cost));
            }
        }
        return matches;
    }

    /** What a setup costs altogether, in hundredths. */
    public static long total(Pace pace) {
        long sum = 0;
        for (Cost cost : COSTS) {
            sum += pace.hundredths(cost);
        }
        return sum;
    }

    public double minutes() {
        return hundredths / 100.0;
    }
}
