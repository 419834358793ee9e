package upshot.app.job;

import java.util.List;
import java.util.Map;
import upshot.core.plan.Change;

/**
 * What a gesture wants done.
 *
 * @param label what the undo button will say
 * @param show what the page should select afterwards, by parameter
 * @param details what would be added, line by line, for whoever looks before taking it in
 * @param leftOut what was understood and is not taken, each with its reason
 */
public record Proposal(
        String label, Change change, Map<String, String> show, List<String> details, List<String> leftOut) {

    public static Proposal of(String label, Change change) {
        return new Proposal(label, change, Map.of(), List.of(), List.of());
    }

    /** The same, with something selected afterwards. */
    public static Proposal showing(String label, Change change, Map<String, String> show) {
        return new Proposal(label, change, show, List.of(), List.of());
    }

    /** Something that is looked at before it is taken in. */
    public static Proposal detailed(String label, Change change, List<String> details, List<String> leftOut) {
        return new Proposal(label, change, Map.of(), List.copyOf(details), List.copyOf(leftOut));
    }
}
