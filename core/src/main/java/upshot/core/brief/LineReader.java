package upshot.core.brief;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Understands an action from one line, typed while somebody speaks: first a sentence, then facts in any order, with or
 * without commas. {@code Potter throws a bowl 40s repeats messy left-to-right}.
 *
 * <p>The sentence is everything before the first fact. What stands among the facts and is none is reported, never
 * guessed at.
 */
public final class LineReader {

    /** Longer lines are pasted by mistake; reading them stays quick all the same. */
    public static final int LONGEST = 500;

    private static final Pattern SKIPPED = Pattern.compile("[\\s,;.]+");
    private static final Pattern WORD = Pattern.compile("[^\\s,;]+");

    private final List<String> subjects;
    private final List<Fact> facts;

    /**
     * @param subjects names that are known; the longest that begins a sentence is its subject
     * @param spots names that may stand behind “at” or “@”
     */
    public LineReader(Collection<String> subjects, Collection<String> spots) {
        this.subjects = longestFirst(subjects);
        this.facts = new ArrayList<>();
        longestFirst(spots)
                .forEach(spot -> facts.add(Fact.of(
                        Fact.Grade.AMONG_FACTS,
                        "(?:@|at\\s+(?:the\\s+)?)" + Pattern.quote(spot),
                        (found, notes) -> "at " + (notes.spot = spot))));
        facts.addAll(Facts.all());
    }

    private static List<String> longestFirst(Collection<String> names) {
        return names.stream()
                .filter(name -> !name.isBlank())
                .sorted(Comparator.comparingInt(String::length).reversed().thenComparing(Comparator.naturalOrder()))
                .toList();
    }

    /** Where a fact stands. */
    private record Found(Fact fact, Matcher matcher) {
        int end() {
            return matcher.end();
        }
    }

    /**
     * Reads one line.
     *
     * @throws IllegalArgumentException when it is longer than {@link #LONGEST} characters
     */
    public ActionLine read(String line) {
        if (line.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "The line is %d characters long; %d is the most.".formatted(line.length(), LONGEST));
        }
        Notes notes = new Notes();
        List<ActionLine.Chip> chips = new ArrayList<>();
        List<ActionLine.Chip> unknown = new ArrayList<>();
        int sentenceEnd = 0;
        int at = skip(line, 0);
        while (at < line.length()) {
            Optional<Found> fact = counting(line, at, !chips.isEmpty());
            int end = fact.isPresent() ? fact.get().end() : wordEnd(line, at);
            if (fact.isPresent()) {
                String label = fact.get().fact().reading().apply(fact.get().matcher(), notes);
                chips.add(new ActionLine.Chip(at, end, label));
            } else if (chips.isEmpty()) {
                sentenceEnd = end;
            } else {
                unknown.add(new ActionLine.Chip(at, end, line.substring(at, end)));
            }
            at = skip(line, end);
        }
        String sentence = line.substring(0, sentenceEnd).strip();
        Optional<Guess> guess = SentenceReader.read(sentence);
        Optional<String> subject = Optional.ofNullable(notes.subject)
                .or(() -> subject(sentence, guess.map(Guess::subjectWords).orElse(0)));
        return new ActionLine(
                sentence,
                subject,
                guess,
                Optional.ofNullable(notes.spot),
                Optional.ofNullable(notes.beat),
                Optional.ofNullable(notes.subjectHeightM),
                notes.values,
                chips,
                joined(line, unknown));
    }

    private static int skip(String line, int from) {
        Matcher skipped = SKIPPED.matcher(line).region(from, line.length());
        return skipped.lookingAt() ? skipped.end() : from;
    }

    private static int wordEnd(String line, int from) {
        Matcher word = WORD.matcher(line).region(from, line.length());
        return word.lookingAt() ? word.end() : line.length();
    }

    /** The fact at a place, if it counts as one there. */
    private Optional<Found> counting(String line, int at, boolean amongFacts) {
        return anyFact(line, at).filter(found -> {
            boolean after = amongFacts || afterComma(line, at);
            return switch (found.fact().grade()) {
                case ALWAYS -> true;
                case AMONG_FACTS -> after || beforeFactOrEnd(line, found.end());
                case AFTER_FACTS -> amongFacts || after && beforeFactOrEnd(line, found.end());
            };
        });
    }

    private Optional<Found> anyFact(String line, int at) {
        for (Fact fact : facts) {
            Matcher matcher = fact.pattern().matcher(line).region(at, line.length());
            matcher.useTransparentBounds(true);
            if (matcher.lookingAt()) {
                return Optional.of(new Found(fact, matcher));
            }
        }
        return Optional.empty();
    }

    private static boolean afterComma(String line, int at) {
        for (int i = at - 1; i >= 0; i--) {
            if (!Character.isWhitespace(line.charAt(i))) {
                return line.charAt(i) == ',' || line.charAt(i) == ';';
            }
        }
        return false;
    }

    private boolean beforeFactOrEnd(String line, int end) {
        int next = skip(line, end);
        boolean comma = line.substring(end, next).matches(".*[,;].*");
        return next >= line.length() || comma || anyFact(line, next).isPresent();
    }

    /** Neighbouring words that were not understood are said together. */
    private static List<ActionLine.Chip> joined(String line, List<ActionLine.Chip> words) {
        List<ActionLine.Chip> joined = new ArrayList<>();
        for (ActionLine.Chip word : words) {
            ActionLine.Chip last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && line.substring(last.end(), word.start()).isBlank()) {
                joined.set(
                        joined.size() - 1,
                        new ActionLine.Chip(last.start(), word.end(), line.substring(last.start(), word.end())));
            } else {
                joined.add(word);
            }
        }
        return joined;
    }

    /**
     * Who or what the sentence is about: a known name that it begins with, else the words before its verb, which where no
     * verb is known is the first word after another that ends in a single s.
     *
     * @param known how many words come before a verb that is known, 0 where none is
     */
    private Optional<String> subject(String sentence, int known) {
        String lower = sentence.toLowerCase(Locale.ROOT);
        for (String one : subjects) {
            String name = one.toLowerCase(Locale.ROOT);
            if (lower.equals(name) || lower.startsWith(name + " ")) {
                return Optional.of(one);
            }
        }
        String bare = sentence.replaceFirst("(?i)^(?:the|a|an)\\s+", "").replaceFirst("[,;].*$", "");
        if (bare.isBlank()) {
            return Optional.empty();
        }
        String[] words = bare.split("\\s+");
        int articles = sentence.split("\\s+").length - bare.split("\\s+").length;
        int verb = Math.max(1, Math.min(words.length, known - articles));
        boolean plural = words[0].matches("(?i).*[^s]s");
        for (int i = 1; i < words.length && !plural && known == 0; i++) {
            if (words[i].matches("(?i).*[^s]s")) {
                verb = i;
                break;
            }
        }
        String subject = String.join(" ", List.of(words).subList(0, verb));
        return Optional.of(Character.toUpperCase(subject.charAt(0)) + subject.substring(1));
    }
}
