package upshot.core.propose;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToLongFunction;
import java.util.stream.LongStream;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** Writes docs/proposals.md: what is proposed for sixty jobs as they are typed, counted. */
public final class ProposalsReport {

    private static final int OF_A_TRADE = 10;

    private final List<String> lines = new ArrayList<>();

    private ProposalsReport() {}

    /** The file to write. */
    public static void main(String[] arguments) throws IOException {
        Files.write(Path.of(arguments[0]), new ProposalsReport().write());
    }

    private static List<Proposed> jobs(String trade, BiFunction<String, Long, Plan> typed) {
        return LongStream.range(0, OF_A_TRADE)
                .mapToObj(seed -> new Proposed(trade + " " + seed, typed.apply(trade, seed)))
                .toList();
    }

    private List<String> write() throws IOException {
        List<Proposed> all = new ArrayList<>();
        say("# What is proposed for jobs that nobody has touched");
        say("");
        say(
                "Written by `./upshot proposals`. Sixty jobs are typed line by line (`core/src/test/resources/upshot/core/propose`),"
                        + " six trades, 5 to 20 lines, with and without music, one body or two, the promo about four seconds a line; then filled, arranged and put in order."
                        + " Whether a picture is right is also looked at; these counts only say what is wrong for certain.");
        say("");
        say(
                "| trade | pictures | over 60 % at one height | flat beats | neighbours framed alike | details beside the point | impossible | musts not shot | taken up again |");
        say("|---|--:|--:|--:|--:|--:|--:|--:|--:|");
        for (String trade : TypedJob.TRADES) {
            List<Proposed> jobs = jobs(trade, TypedJob::of);
            all.addAll(jobs);
            filled(trade, jobs);
        }
        filled("all", all);
        say("");
        say(
                "| trade | joints | within runs | out of order | nothing to breathe | place never seen | too long | breaks | must-have actions unseen | borders on bars |");
        say("|---|--:|--:|--:|--:|--:|--:|--:|--:|--:|");
        for (int i = 0; i < TypedJob.TRADES.size(); i++) {
            cut(TypedJob.TRADES.get(i), all.subList(OF_A_TRADE * i, OF_A_TRADE * (i + 1)));
        }
        cut("all", all);
        List<Proposed> crowded = TypedJob.TRADES.stream()
                .flatMap(trade -> jobs(trade, TypedJob::crowded).stream())
                .toList();
        cut("promos of any length", crowded);
        say("");
        others(all);
        lookedAt();
        return lines;
    }

    /** What no count says is written by hand. */
    private void lookedAt() throws IOException {
        try (InputStream looked = ProposalsReport.class.getResourceAsStream("looked-at.md")) {
            new String(looked.readAllBytes(), StandardCharsets.UTF_8).lines().forEach(this::say);
        }
    }

    private void others(List<Proposed> all) {
        long possible = sum(all, Proposed::possibleWithinRuns);
        say(
                "Within runs: %d of the %d joints that could lie there, with every action told in one run as long as it is.",
                sum(all, Proposed::withinRuns), possible);
        say("");
        say(
                "Against the recipe (each action once, from wide to detail, even lengths on the grid, a fifth more or fewer pictures;"
                        + " a break weighs 10, a watch 2, a must-have action that is not seen 10, a border off its bar a half):"
                        + " better in %d of %d jobs, as good in %d, worse in %d.",
                sum(all, job -> job.againstTheRecipe() > 0 ? 1 : 0),
                all.size(),
                sum(all, job -> job.againstTheRecipe() == 0 ? 1 : 0),
                sum(all, job -> job.againstTheRecipe() < 0 ? 1 : 0));
        say("");
        say("| told as | joints | two of one action in a row | out of its order | breaks | turns to another strand |");
        say("|---|--:|--:|--:|--:|--:|");
        for (TellingSchool school : List.of(TellingSchool.MONTAGE, TellingSchool.PARALLEL)) {
            List<Verdict> told = all.stream().map(job -> job.told(school)).toList();
            say(
                    "| %s | %d | %d | %d | %d | %d |",
                    school.label(),
                    count(told, verdict -> verdict.cut().joints()),
                    count(told, Proposed::twiceRunning),
                    count(told, verdict -> Proposed.said(verdict, "story-order")),
                    count(told, Proposed::breaks),
                    count(told, Proposed::turns));
        }
    }

    private static long count(List<Verdict> all, ToLongFunction<Verdict> what) {
        return all.stream().mapToLong(what).sum();
    }

    private void filled(String trade, List<Proposed> jobs) {
        say(
                "| %s | %d | %d | %d | %d | %d | %d | %d | %d |",
                trade,
                sum(jobs, job -> job.filled.shots().size()),
                sum(jobs, job -> job.mostAtOneHeight() > 0.6 ? 1 : 0),
                sum(jobs, Proposed::flatBeats),
                sum(jobs, Proposed::alikeNeighbours),
                sum(jobs, Proposed::besideTheFocus),
                sum(jobs, Proposed::impossible),
                sum(jobs, Proposed::mustsNotShot),
                sum(jobs, Proposed::takenUpAgain));
    }

    private void cut(String trade, List<Proposed> jobs) {
        List<Proposed> music = jobs.stream().filter(Proposed::music).toList();
        long borders = sum(music, Proposed::borders);
        say(
                "| %s | %d | %d | %d | %d | %d | %d | %d | %d | %s |",
                trade,
                sum(jobs, Proposed::joints),
                sum(jobs, Proposed::withinRuns),
                sum(jobs, job -> job.said("story-order")),
                sum(jobs, job -> job.said("cutaways")),
                sum(jobs, job -> job.said("no-establishing")),
                sum(jobs, job -> job.said("long-use")),
                sum(jobs, Proposed::breaks),
                sum(jobs, Proposed::unseen),
                borders == 0 ? "–" : "%d of %d".formatted(sum(music, Proposed::bordersOnBars), borders));
    }

    private static long sum(List<Proposed> jobs, ToLongFunction<Proposed> what) {
        return jobs.stream().mapToLong(what).sum();
    }

    private void say(String line, Object... values) {
        lines.add(values.length == 0 ? line : line.formatted(values));
    }
}
