package upshot.core.order;

import java.util.List;

/** What some of a setup's minutes go into. */
public record SpentMinutes(String label, double minutes) {

    static double total(List<SpentMinutes> all) {
        return all.stream().mapToDouble(SpentMinutes::minutes).sum();
    }
}
