package upshot.core.brief;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The English words by which a sentence is told, from {@link WordList}: verbs in all their forms, and a few nouns. */
final class KnownWords {

    private static final String VOWELS = "aeiou";

    private static final Map<String, List<String>> LISTS = read();
    private static final Map<String, Set<Telling>> VERBS = verbs();

    /** What an action is about where its verb is one of these. */
    enum Telling {
        HANDS,
        FACE,
        FEET,
        WHEELS,
        BODY,
        THINGS,
        GAITS
    }

    private KnownWords() {}

    private static Map<String, List<String>> read() {
        Map<String, List<String>> lists = new HashMap<>();
        WordList.TEXT.lines().forEach(line -> {
            String[] parts = line.split(": ", 2);
            lists.computeIfAbsent(parts[0], none -> new ArrayList<>()).addAll(List.of(parts[1].split(" ")));
        });
        return lists;
    }

    private static Map<String, Set<Telling>> verbs() {
        Map<String, Set<Telling>> verbs = new HashMap<>();
        for (Telling telling : Telling.values()) {
            for (String verb : LISTS.get(telling.name().toLowerCase(Locale.ROOT))) {
                for (String form : forms(verb)) {
                    verbs.computeIfAbsent(form, none -> new LinkedHashSet<>()).add(telling);
                }
            }
        }
        return verbs;
    }

    /** "fold", "folds", "folding"; "carry", "carries"; "cut", "cutting"; "make", "making". */
    private static List<String> forms(String verb) {
        List<String> forms = new ArrayList<>(List.of(verb, third(verb)));
        char last = verb.charAt(verb.length() - 1);
        boolean consonantLast = VOWELS.indexOf(last) < 0 && "wxy".indexOf(last) < 0;
        boolean doubles = verb.length() > 2
                && consonantLast
                && VOWELS.indexOf(verb.charAt(verb.length() - 2)) >= 0
                && VOWELS.indexOf(verb.charAt(verb.length() - 3)) < 0;
        forms.add(verb + "ing");
        if (last == 'e') {
            forms.add(verb.substring(0, verb.length() - 1) + "ing");
        }
        if (doubles) {
            forms.add(verb + last + "ing");
        }
        return forms;
    }

    private static String third(String verb) {
        if (verb.matches(".*[^aeiou]y")) {
            return verb.substring(0, verb.length() - 1) + "ies";
        }
        return verb.matches(".*(s|x|z|ch|sh|o)") ? verb + "es" : verb + "s";
    }

    /** What a word tells as a verb; nothing where it is none that is known. */
    static Set<Telling> asVerb(String word) {
        return VERBS.getOrDefault(word, Set.of());
    }

    /** Whether a word is said of what is done to something: "brushed", "cut". */
    static boolean done(String word) {
        return word.length() > 3 && word.endsWith("ed") || in("done", word);
    }

    static boolean person(String word) {
        return in("people", word)
                || !in("not-people", word)
                        && !thing(word)
                        && word.matches(".{3,}(er|or|ist|ian|man|men|woman|women|ess)s?");
    }

    /** What is given or blown with the mouth: a speech, a whistle. */
    static boolean spoken(String word) {
        return in("spoken", word);
    }

    static boolean child(String name) {
        String[] words = name.toLowerCase(Locale.ROOT).split(" ");
        return in("children", words[words.length - 1]);
    }

    static boolean vehicle(String word) {
        return in("vehicles", word);
    }

    /** A vehicle as small as its rider. */
    static boolean cycle(String word) {
        return in("cycles", word);
    }

    /** What is opened by speaking: an evening, a ceremony. */
    static boolean occasion(String word) {
        return in("occasions", word);
    }

    /** What is passed and not handed on: a bend, a line. */
    static boolean course(String word) {
        return in("courses", word);
    }

    /** Somebody who plays with their hands. */
    static boolean player(String word) {
        return in("players", word);
    }

    static boolean place(String word) {
        return in("places", word);
    }

    static boolean animal(String word) {
        return in("animals", word);
    }

    /** Anything but a person that does things by itself. */
    static boolean thing(String word) {
        return !in("people", word) && (in("machines", word) || in("pieces", word)) || vehicle(word) || animal(word);
    }

    /** Whether a word stands in a list just so. */
    static boolean listed(String list, String word) {
        return LISTS.get(list).contains(word);
    }

    private static boolean in(String list, String word) {
        return LISTS.get(list).contains(word)
                || word.endsWith("s") && LISTS.get(list).contains(word.substring(0, word.length() - 1));
    }
}
