package upshot.exchange.jobs;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes docs/verdicts.md: what the rules find in the whole jobs, what they miss and what they say without cause. */
public final class VerdictsReport {

    private final List<Count> counts = JobFile.names().stream().map(Count::of).toList();
    private final List<String> lines = new ArrayList<>();

    private VerdictsReport() {}

    /** The file to write. */
    public static void main(String[] arguments) throws IOException {
        Files.write(Path.of(arguments[0]), present());
    }

    static List<String> present() {
        return new VerdictsReport().write();
    }

    private List<String> write() {
        say("# What the rules find in whole jobs");
        say("");
        say(
                "Written by `./upshot verdicts`. Fourteen jobs were made by hand, seven trades, each as an experienced planner and"
                        + " as a beginner would make it, with a table of what must be found in it and nothing else"
                        + " (`exchange/src/test/resources/jobs`). A hit was to be found and is, a miss was to be found and is not,"
                        + " a false alarm is said and was not to be found.");
        say("");
        say(
                "Hits: %d of %d (%s). False alarms: %d. In the good jobs: %d in %d pictures.",
                sum(count -> count.hits().size()),
                sum(count -> count.hits().size() + count.misses().size()),
                share(
                        sum(count -> count.hits().size()),
                        sum(count -> count.misses().size())),
                sum(count -> count.alarms().size()),
                counts.stream()
                        .filter(Count::good)
                        .mapToInt(count -> count.alarms().size() + count.hits().size())
                        .sum(),
                counts.stream().filter(Count::good).mapToInt(Count::pictures).sum());
        say("");
        say("| job | pictures | hits | misses | false alarms |");
        say("|---|--:|--:|--:|--:|");
        counts.forEach(count -> say(
                "| %s | %d | %d | %d | %d |",
                count.job().replace('-', ' '),
                count.pictures(),
                count.hits().size(),
                count.misses().size(),
                count.alarms().size()));
        say("");
        byRule();
        list("Misses", count -> count.misses().stream());
        list("False alarms", count -> count.alarms().stream().map(alarm -> alarm.line() + " — " + alarm.sentence()));
        list("Said of good jobs, and meant", count -> count.good() ? count.hits().stream() : Stream.empty());
        return lines;
    }

    private void byRule() {
        say("| rule | hits | misses | false alarms |");
        say("|---|--:|--:|--:|");
        List<String> rules = counts.stream()
                .flatMap(count -> Stream.of(
                                count.hits().stream(),
                                count.misses().stream(),
                                count.alarms().stream().map(Found.Said::line))
                        .flatMap(all -> all))
                .map(Count::ruleOf)
                .distinct()
                .sorted()
                .toList();
        for (String rule : rules) {
            say(
                    "| %s | %d | %d | %d |",
                    rule,
                    sum(count -> of(rule, count.hits().stream())),
                    sum(count -> of(rule, count.misses().stream())),
                    sum(count -> of(rule, count.alarms().stream().map(Found.Said::line))));
        }
        say("");
    }

    private static int of(String rule, Stream<String> said) {
        return (int) said.filter(line -> Count.ruleOf(line).equals(rule)).count();
    }

    private void list(String title, Function<Count, Stream<String>> some) {
        List<String> all = counts.stream()
                .flatMap(count -> some.apply(count)
                        .map(line -> "- %s: %s".formatted(count.job().replace('-', ' '), line)))
                .collect(Collectors.toList());
        if (!all.isEmpty()) {
            say("## " + title);
            say("");
            lines.addAll(all);
            say("");
        }
    }

    private int sum(ToIntFunction<Count> of) {
        return counts.stream().mapToInt(of).sum();
    }

    private static String share(int hits, int misses) {
        return hits + misses == 0 ? "none" : String.format(Locale.ROOT, "%.0f %%", 100.0 * hits / (hits + misses));
    }

    private void say(String format, Object... values) {
        lines.add(values.length == 0 ? format : String.format(Locale.ROOT, format, values));
    }
}
