package upshot.app.job;

import java.util.Map;

/** What the list of jobs says after something was done, by a word in the address; other words say nothing. */
final class JobWords {

    private static final Map<String, String> SAID = Map.of(
            "duplicated", "The job was duplicated; the copy is first in the list.",
            "archived", "The job was put away. It stands at the foot of the list.",
            "unarchived", "The job is back in the list.",
            "restored", "The job is back.",
            "shared", "Whoever signs in with that address will find the job in their list.",
            "unshared", "The job is no longer shared with them.",
            "no-address", "Type the address with which they sign in.");

    private JobWords() {}

    static String of(String word) {
        return SAID.getOrDefault(word, "");
    }
}
