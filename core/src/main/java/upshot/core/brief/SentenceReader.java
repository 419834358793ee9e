package upshot.core.brief;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import upshot.core.brief.KnownWords.Telling;
import upshot.core.plan.Focus;

/** Tells from the words of a sentence what an action is about; see {@link WordList} for what it knows. */
public final class SentenceReader {

    private static final int SUBJECT_AT_MOST = 5;

    private SentenceReader() {}

    /** What a sentence tells; nothing where no verb of it is known. */
    public static Optional<Guess> read(String sentence) {
        List<String> words = List.of(sentence.toLowerCase(Locale.ROOT).strip().split("[\\s,;.]+"));
        for (int i = 1; i < Math.min(words.size(), SUBJECT_AT_MOST + 1); i++) {
            String word = words.get(i);
            if (KnownWords.listed("being", word) && i + 1 < words.size()) {
                return KnownWords.done(words.get(i + 1)) ? done(words, i) : doing(words, i, i + 1);
            }
            if (isVerb(words, i)) {
                return doing(words, i, i);
            }
        }
        return named(words);
    }

    /** "A frosted window at dawn": a place or a thing is only named, and nothing happens that is known. */
    private static Optional<Guess> named(List<String> words) {
        int end = 0;
        while (end < words.size() && !KnownWords.listed("ends-noun", words.get(end))) {
            end++;
        }
        if (end == 0 || end < words.size() && end > SUBJECT_AT_MOST || !article(words, 0)) {
            return Optional.empty();
        }
        String noun = words.get(end - 1);
        if (KnownWords.place(noun)) {
            return Optional.of(new Guess(false, Focus.PLACE, "", end));
        }
        return KnownWords.thing(noun) && !KnownWords.vehicle(noun) && !KnownWords.animal(noun)
                ? Optional.of(new Guess(false, Focus.THING, "", end))
                : Optional.empty();
    }

    /** "Folds" after anybody, "fold" only after several; a word before another verb is part of the subject. */
    private static boolean isVerb(List<String> words, int i) {
        String word = words.get(i);
        boolean several = words.get(i - 1).endsWith("s")
                || words.subList(0, i).contains("and")
                || Set.of("children", "people", "men", "women", "they", "we", "i")
                        .contains(words.get(i - 1));
        boolean known = !KnownWords.asVerb(word).isEmpty();
        boolean beforeVerb = i + 1 < words.size()
                && (KnownWords.listed("being", words.get(i + 1))
                        || words.get(i + 1).endsWith("s")
                                && i + 2 < words.size()
                                && article(words, i + 2)
                                && !KnownWords.asVerb(words.get(i + 1)).isEmpty());
        return known && (word.endsWith("s") || several) && !beforeVerb;
    }

    private static boolean article(List<String> words, int i) {
        return KnownWords.listed("before-noun", words.get(i));
    }

    /** Something is done to the subject: nobody need be seen. */
    private static Optional<Guess> done(List<String> words, int being) {
        String noun = words.get(being - 1);
        return KnownWords.person(noun)
                ? Optional.of(new Guess(true, Focus.FACE, "", being))
                : Optional.of(new Guess(false, Focus.THING, "", being));
    }

    private static Optional<Guess> doing(List<String> words, int subjectWords, int verb) {
        Set<Telling> telling = KnownWords.asVerb(words.get(verb));
        String noun = words.get(subjectWords - 1);
        Optional<String> object = object(words, verb + 1);
        boolean named = subjectWords == 1 && !article(words, 0);
        if (telling.isEmpty()) {
            return Optional.empty();
        }
        if (KnownWords.vehicle(noun)) {
            return Optional.of(new Guess(false, Focus.WHEELS, "", subjectWords));
        }
        if (KnownWords.animal(noun)) {
            boolean goes = telling.contains(Telling.FEET) || telling.contains(Telling.GAITS);
            return Optional.of(new Guess(false, goes ? Focus.FEET : Focus.THING, "", subjectWords));
        }
        if (KnownWords.thing(noun)) {
            return Optional.of(new Guess(false, Focus.THING, object.orElse(""), subjectWords));
        }
        boolean person = KnownWords.person(noun);
        if (telling.contains(Telling.THINGS) && !person && object.isEmpty()) {
            return Optional.of(new Guess(false, Focus.THING, "", subjectWords));
        }
        if (!person && !named && !telling.contains(Telling.HANDS) && !telling.contains(Telling.FACE)) {
            return Optional.empty();
        }
        return byPerson(words, verb, telling, object, person || named)
                .map(about -> new Guess(
                        true,
                        about,
                        about == Focus.HANDS || about == Focus.BODY ? object.orElse("") : "",
                        subjectWords));
    }

    /** Hands need something to work on, or somebody who is known to have them. */
    private static Optional<Focus> byPerson(
            List<String> words, int verb, Set<Telling> telling, Optional<String> object, boolean surely) {
        String handled = handled(words, verb + 1);
        boolean oneself = verb + 1 < words.size() && KnownWords.listed("oneself", words.get(verb + 1));
        boolean something = object.isPresent() || KnownWords.listed("no-thing", handled);
        if (KnownWords.spoken(handled) || KnownWords.occasion(handled)) {
            return Optional.of(Focus.FACE);
        }
        if (KnownWords.player(words.get(verb - 1))) {
            return Optional.of(Focus.HANDS);
        }
        if (passed(words, verb + 1) && KnownWords.course(handled)) {
            return Optional.of(Focus.BODY);
        }
        if (telling.contains(Telling.HANDS) && something) {
            return Optional.of(oneself ? Focus.BODY : Focus.HANDS);
        }
        if (telling.contains(Telling.FACE)) {
            return Optional.of(Focus.FACE);
        }
        if (telling.contains(Telling.FEET)) {
            return Optional.of(Focus.FEET);
        }
        if (telling.contains(Telling.WHEELS)) {
            return Optional.of(Focus.WHEELS);
        }
        if (telling.contains(Telling.BODY) || telling.contains(Telling.THINGS)) {
            return Optional.of(Focus.BODY);
        }
        return surely ? Optional.of(Focus.HANDS) : Optional.empty();
    }

    /** The noun of what is handled, where it is a thing that can be shown by itself. */
    private static Optional<String> object(List<String> words, int from) {
        String last = handled(words, from);
        boolean nothing =
                last.isEmpty() || KnownWords.listed("no-thing", last) || KnownWords.course(last) && passed(words, from);
        return nothing || article(List.of(last), 0) || last.matches(".*\\d.*") ? Optional.empty() : Optional.of(last);
    }

    /** A verb of hands and of feet: "pass the salt", "pass the bend". */
    private static boolean passed(List<String> words, int from) {
        return KnownWords.asVerb(words.get(from - 1)).containsAll(Set.of(Telling.FEET, Telling.HANDS));
    }

    /** The last word before a preposition; empty where there is none. */
    private static String handled(List<String> words, int from) {
        int at = from;
        while (at < words.size()
                && KnownWords.listed("after-verb", words.get(at))
                && at + 1 < words.size()
                && article(words, at + 1)
                && Set.of("up", "down", "out", "off").contains(words.get(at))) {
            at++;
        }
        String last = "";
        for (; at < words.size() && !KnownWords.listed("ends-noun", words.get(at)); at++) {
            last = words.get(at);
        }
        return last;
    }
}
