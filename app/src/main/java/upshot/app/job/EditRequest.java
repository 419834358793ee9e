package upshot.app.job;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * What a page posts through the door: either changes or a gesture.
 *
 * @param stage whose pieces to answer with
 * @param parameters of that stage's page
 * @param preview true to answer as if it were done, and save nothing
 * @param changes single steps
 * @param gesture name of a gesture, when there are no changes
 * @param arguments of the gesture
 * @param edit by which the page knows this edit; sent again, because no answer came, it is made once
 */
record EditRequest(
        String stage,
        Map<String, String> parameters,
        boolean preview,
        JsonNode changes,
        String gesture,
        Map<String, String> arguments,
        UUID edit) {

    EditRequest {
        parameters = withoutNulls(parameters);
        arguments = withoutNulls(arguments);
    }

    Optional<UUID> editId() {
        return Optional.ofNullable(edit);
    }

    /** A name without a value says nothing. */
    private static Map<String, String> withoutNulls(Map<String, String> sent) {
        Map<String, String> kept = new LinkedHashMap<>(sent == null ? Map.of() : sent);
        kept.values().removeIf(Objects::isNull);
        kept.remove(null);
        return kept;
    }
}
