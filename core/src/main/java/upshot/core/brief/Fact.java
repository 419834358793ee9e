package upshot.core.brief;

import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One way of saying one fact about an action.
 *
 * @param pattern what it looks like, from the beginning of a word
 * @param grade when it counts
 * @param reading takes what was matched down and says it as a chip
 */
record Fact(Pattern pattern, Grade grade, BiFunction<Matcher, Notes, String> reading) {

    /** Facts and sentences use the same words; the grade decides when a word is taken for a fact. */
    enum Grade {
        /** Wherever it stands: figures with a unit, clock times, words with a colon. */
        ALWAYS,
        /** After another fact, after a comma, before another fact or at the end of the line. */
        AMONG_FACTS,
        /** After another fact or after a comma only: things that a sentence may well end with. */
        AFTER_FACTS
    }

    static Fact of(Grade grade, String expression, BiFunction<Matcher, Notes, String> reading) {
        return new Fact(
                Pattern.compile("(?:" + expression + ")(?=$|[\\s,;.])", Pattern.CASE_INSENSITIVE), grade, reading);
    }

    /** A fact without figures: it sets one field. */
    static Fact word(Grade grade, String expression, String field, Object value, String label) {
        return of(grade, expression, (matcher, notes) -> {
            notes.put(field, value);
            return label;
        });
    }
}
