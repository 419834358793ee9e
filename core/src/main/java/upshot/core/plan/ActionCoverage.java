package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.text;

/**
 * How much of an action is wanted, and how it is taken.
 *
 * @param onePicture whether one picture of it is enough
 * @param taken shot by shot, or in one run
 * @param stagedAgain whether what happens once can be done again for the camera
 * @param strand which strand of a story told in parallel it belongs to, up to 40 characters; empty for its subject's
 */
public record ActionCoverage(boolean onePicture, Taken taken, boolean stagedAgain, String strand) implements Part {

    public ActionCoverage {
        chosen("taken", "way of taking it", taken);
        strand = text("strand", "strand", strand, 0, 40);
    }
}
