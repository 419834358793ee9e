package upshot.app.web;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/** Finds what an address selects; an id that is malformed or gone selects nothing. */
public final class Selected {

    private Selected() {}

    public static <R extends PlanRecord> Optional<R> of(
            Plan plan, RecordKind<R> kind, Map<String, String> parameters, String name) {
        String text = parameters.getOrDefault(name, "");
        try {
            return text.isBlank() ? Optional.empty() : plan.find(kind, UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }
}
