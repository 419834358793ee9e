package upshot.app.job;

import java.util.Map;

/** What the list of jobs says after something was done, by a word in the address; other words say nothing. */
final class JobWords {

    private static final Map<String, String> SAID = Map.of(
            "duplicated", "The job was duplicated; the copy is first in the list.",
            "archived", "The job was put away. It stands at the foot of the list.",
            "unarchived", "The job is back in the list.",
            "restored", "The job is back.",
            "shared", "The job is shared.",
            "unshared", "The job is no longer shared with them.",
            "nobody", "Nobody signs in with that address. The owner makes accounts under People.");

    private JobWords() {}

    static String of(String word) {
        return SAID.getOrDefault(word, "");
    }
}
