package upshot.core.finding;

import java.util.List;
import java.util.Optional;
import upshot.core.house.Threshold;
import upshot.core.measure.Labelled;

/**
 * A rule introduces itself.
 *
 * @param title a few words
 * @param summary what holds where it is kept, in a sentence
 * @param reason why it is asked, in a sentence
 * @param bounds the figures that it holds things against; none where it compares two figures of the plan
 * @param source where the figures come from
 */
public record RuleCard(String title, String summary, String reason, List<Bound> bounds, Source source) {

    /**
     * A figure that a rule holds things against.
     *
     * @param movable the threshold that it is, where a job may move it; then the figure is the usual one
     */
    public record Bound(String what, double value, String unit, Optional<Threshold> movable) {

        public static Bound of(String what, double value, String unit) {
            return new Bound(what, value, unit, Optional.empty());
        }

        public static Bound of(Threshold threshold) {
            return new Bound(threshold.label(), threshold.usual(), threshold.unit(), Optional.of(threshold));
        }
    }

    /** Where a rule's figures come from. */
    public enum Source implements Labelled {
        GEOMETRY("follows from where things stand"),
        OPTICS("follows from lens, sensor and light"),
        KIT("what the kit says of itself"),
        PLAN("what the plan itself asks for"),
        TRADE("a figure of the trade"),
        SCHOOL("a school of the house rules");

        private final String label;

        Source(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public RuleCard {
        bounds = List.copyOf(bounds);
    }

    public static RuleCard of(String title, String summary, String reason, Source source, Bound... bounds) {
        return new RuleCard(title, summary, reason, List.of(bounds), source);
    }
}
