package upshot.app.job;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;

/**
 * What a page posts through the door: either changes or a gesture.
 *
 * @param stage whose pieces to answer with
 * @param parameters of that stage's page
 * @param preview true to answer as if it were done, and save nothing
 * @param changes single steps
 * @param gesture name of a gesture, when there are no changes
 * @param arguments of the gesture
 */
record EditRequest(
        String stage,
        Map<String, String> parameters,
        boolean preview,
        JsonNode changes,
        String gesture,
        Map<String, String> arguments) {

    EditRequest {
        parameters = parameters == null ? Map.of() : parameters;
        arguments = arguments == null ? Map.of() : arguments;
    }
}
