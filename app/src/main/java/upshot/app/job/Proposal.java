package upshot.app.job;

import java.util.Map;
import upshot.core.plan.Change;

/**
 * What a gesture wants done.
 *
 * @param label what the undo button will say
 * @param show what the page should select afterwards, by parameter
 */
public record Proposal(String label, Change change, Map<String, String> show) {

    public static Proposal of(String label, Change change) {
        return new Proposal(label, change, Map.of());
    }
}
