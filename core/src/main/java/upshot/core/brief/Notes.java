package upshot.core.brief;

import java.util.LinkedHashMap;
import java.util.Map;

/** What the facts of a line add up to while it is being read; a later fact replaces an earlier one. */
final class Notes {

    final Map<String, Object> values = new LinkedHashMap<>();
    String subject;
    String spot;
    String beat;
    Double subjectHeightM;

    void put(String field, Object value) {
        values.put(field, value);
    }
}
