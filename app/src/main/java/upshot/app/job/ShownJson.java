package upshot.app.job;

import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** What a page selects after an edit, as it is kept with the revision. */
final class ShownJson {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int LONGEST = 2000;
    private static final String NOTHING = "{}";

    private ShownJson() {}

    /** More than fits is not kept: then nothing is selected when the edit is answered again. */
    static String write(Map<String, String> shown) {
        try {
            String json = MAPPER.writeValueAsString(shown);
            return json.length() > LONGEST ? NOTHING : json;
        } catch (JacksonException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    static Map<String, String> read(String json) {
        try {
            return MAPPER.readValue(json, new TypeReference<>() {});
        } catch (JacksonException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
