package upshot.core.finding;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * Keeps one rule's failure to itself: where it cannot work something out, that is a finding like any other, and all the
 * other rules still speak.
 */
public final class Unjudged {

    private static final String TITLE = "This could not be judged.";

    private Unjudged() {}

    /**
     * What a rule says; that it could not say anything where it fell over.
     *
     * @param about the records that it looks at
     */
    public static Optional<Finding> guarded(String ruleId, List<UUID> about, Supplier<Optional<Finding>> rule) {
        try {
            return rule.get();
        } catch (RuntimeException broken) {
            return Optional.of(fellOver(ruleId, about, broken));
        }
    }

    /** The same of a rule that may have several things to say. */
    public static List<Finding> guardedAll(String ruleId, List<UUID> about, Supplier<List<Finding>> rule) {
        try {
            return rule.get();
        } catch (RuntimeException broken) {
            return List.of(fellOver(ruleId, about, broken));
        }
    }

    private static Finding fellOver(String ruleId, List<UUID> about, RuntimeException broken) {
        return new Finding(
                ruleId,
                Status.WATCH,
                about,
                TITLE,
                Measured.unwanted(),
                "The rule “%s” fell over these values (%s). Look for one that cannot be meant; the other rules have been asked."
                        .formatted(ruleId, broken.getClass().getSimpleName()),
                List.of());
    }

    /** Whether a finding says that a rule fell over. */
    public static boolean is(Finding finding) {
        return finding.title().equals(TITLE);
    }
}
