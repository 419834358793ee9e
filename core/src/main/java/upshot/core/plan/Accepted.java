package upshot.core.plan;

import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.text;

import java.util.Optional;
import java.util.UUID;

/**
 * A finding that somebody has looked at and lets stand, with the reason. It stays visible and goes to whoever cuts.
 *
 * @param ruleId the rule that said it, for instance {@code too-alike}
 * @param outUseId the use before the joint it is about, none where it is about the whole cut
 * @param intoUseId the use behind that joint, likewise
 * @param shotId the shot it is about, where it is about a shot alone
 * @param breaks whether it was a break; a watch that has become a break since is open again
 * @param measured the value that was let stand, in the rule's own unit, or none where none was kept
 * @param reason 3 to 300 characters
 */
public record Accepted(
        UUID id,
        String ruleId,
        @Refers(to = "use") Optional<UUID> outUseId,
        @Refers(to = "use") Optional<UUID> intoUseId,
        @Refers(to = "shot") Optional<UUID> shotId,
        boolean breaks,
        Optional<Double> measured,
        String reason)
        implements PlanRecord {

    public Accepted {
        present("id", id);
        ruleId = text("ruleId", "rule", ruleId, 1, 60);
        Check.chosen("outUseId", "use before", outUseId);
        Check.chosen("intoUseId", "use behind", intoUseId);
        Check.chosen("shotId", "shot", shotId);
        Check.chosen("measured", "measured value", measured);
        reason = text("reason", "reason", reason, 3, 300);
    }

    /** A finding about the whole cut, of which no value was kept. */
    public static Accepted ofTheCut(UUID id, String ruleId, boolean breaks, String reason) {
        return new Accepted(
                id, ruleId, Optional.empty(), Optional.empty(), Optional.empty(), breaks, Optional.empty(), reason);
    }

    @Override
    public String label() {
        return "accepted finding";
    }
}
