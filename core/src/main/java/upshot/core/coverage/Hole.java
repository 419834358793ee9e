package upshot.core.coverage;

import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.Labelled;
import upshot.core.size.SizeClass;

/**
 * Coverage that is missing: what the school asks for by name and no shot gives.
 *
 * @param want what it is
 * @param actionId of the action or feature that could give it
 * @param sizeClass the class of shot that would
 * @param view what is asked of it beside the size
 * @param performerId the subject who has to be in it, where several take part
 * @param misses what the edit would lack without it
 */
public record Hole(
        Want want, UUID actionId, SizeClass sizeClass, View view, Optional<UUID> performerId, String misses) {

    /** What is missing, the weightiest first. */
    public enum Want implements Labelled {
        /** A picture that shows what the action is about. */
        TELLING("telling picture", true),
        MASTER("master", true),
        WAY_IN("way in", true),
        WAY_OUT("way out", true),
        /** A size class that a whole scene lacks. */
        SIZE("size", false),
        VIEW("view", false),
        OTHER_SIZE("other size", false),
        PERFORMER("performer", false),
        FRAGMENT("fragment", false),
        COMING("coming", false),
        GOING("going", false),
        /** A feature that nothing shows. */
        FEATURE("feature", false);

        private final String label;
        private final boolean must;

        Want(String label, boolean must) {
            this.label = label;
            this.must = must;
        }

        @Override
        public String label() {
            return label;
        }

        /** Whether the story cannot be told without it. */
        public boolean must() {
            return must;
        }

        /** Whether any shot of the job gives it, of whatever action. */
        boolean ofTheJob() {
            return this == WAY_IN || this == WAY_OUT || this == COMING || this == GOING;
        }

        /** Whether it counts however many pictures are planned. */
        boolean alwaysCounts() {
            return must || this == SIZE;
        }
    }

    static Hole of(Want want, UUID actionId, SizeClass sizeClass, String misses) {
        return new Hole(want, actionId, sizeClass, View.ANY, Optional.empty(), misses);
    }

    static Hole seen(Want want, UUID actionId, SizeClass sizeClass, View view, String misses) {
        return new Hole(want, actionId, sizeClass, view, Optional.empty(), misses);
    }

    /** "detail", "45°", "way in". */
    public String label() {
        return switch (want) {
            case SIZE, PERFORMER -> sizeClass.label();
            case VIEW -> view.label();
            case TELLING, MASTER, WAY_IN, WAY_OUT, OTHER_SIZE, FRAGMENT, COMING, GOING, FEATURE -> want.label();
        };
    }
}
