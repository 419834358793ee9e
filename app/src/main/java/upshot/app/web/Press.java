package upshot.app.web;

import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.ObjectMapper;
import upshot.core.plan.Change;
import upshot.exchange.json.ChangeJson;

/**
 * What a button or a small form does, as it stands in its {@code data-press}. As {@code #press} it is at hand in every
 * template.
 *
 * @param path below the job where it is posted
 * @param body of the post
 */
public record Press(String path, Map<String, Object> body) {

    private static final ObjectMapper JSON = new ObjectMapper();

    public Press {
        body = new LinkedHashMap<>(body);
    }

    /** Some changes of the plan. */
    public static Press change(Change change) {
        return post("changes", "changes", JSON.readTree(ChangeJson.write(change)));
    }

    /**
     * A gesture.
     *
     * @param arguments names and values in turn; a value of null is an empty one
     */
    public static Press gesture(String name, Object... arguments) {
        Map<String, String> named = new LinkedHashMap<>();
        for (int i = 0; i < arguments.length; i += 2) {
            named.put(arguments[i].toString(), arguments[i + 1] == null ? "" : arguments[i + 1].toString());
        }
        return post("changes", "gesture", name, "arguments", named);
    }

    /** Something that needs nothing more than a path, or one thing by name. */
    public static Press post(String path, Object... content) {
        Map<String, Object> body = new LinkedHashMap<>();
        for (int i = 0; i < content.length; i += 2) {
            body.put(content[i].toString(), content[i + 1]);
        }
        return new Press(path, body);
    }

    @Override
    public String toString() {
        return JSON.writeValueAsString(this);
    }
}
