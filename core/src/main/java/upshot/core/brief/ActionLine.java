package upshot.core.brief;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import upshot.core.plan.Focus;

/**
 * What was understood of a typed line.
 *
 * @param sentence who does what; empty when the line holds facts only
 * @param subject who or what is seen, as far as the line says it
 * @param guess what the sentence tells beside, as far as its words are known
 * @param spot the name of a known spot, when the line names one
 * @param beat how the name of a beat begins, when the line sends itself to one
 * @param subjectHeightM a person's height, when the line gives one
 * @param values fields of the action by name
 * @param chips the facts with their places in the line, in order
 * @param unknown what stands among the facts and is none, in order
 */
public record ActionLine(
        String sentence,
        Optional<String> subject,
        Optional<Guess> guess,
        Optional<String> spot,
        Optional<String> beat,
        Optional<Double> subjectHeightM,
        Map<String, Object> values,
        List<Chip> chips,
        List<Chip> unknown) {

    /**
     * A stretch of the line.
     *
     * @param start first character, from 0
     * @param end after its last character
     * @param label what it was understood as; the words themselves where it was not
     */
    public record Chip(int start, int end, String label) {}

    /** The same as something that makes the place what it is; nothing need happen there. */
    public ActionLine asFeature() {
        Map<String, Object> featured = new HashMap<>(values);
        featured.put("feature", true);
        return new ActionLine(
                sentence,
                subject,
                guess.filter(told -> !told.person()).or(() -> Optional.of(new Guess(false, Focus.PLACE, "", 0))),
                spot,
                beat,
                subjectHeightM,
                featured,
                chips,
                unknown);
    }

    public ActionLine {
        values = Map.copyOf(values);
        chips = List.copyOf(chips);
        unknown = List.copyOf(unknown);
    }
}
