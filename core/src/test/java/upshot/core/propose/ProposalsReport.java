package upshot.core.propose;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;

/** Writes docs/proposals.md: what is proposed for sixty jobs as they are typed, counted. */
public final class ProposalsReport {

    private static final int OF_A_TRADE = 10;

    private final List<String> lines = new ArrayList<>();

    private ProposalsReport() {}

    /** The file to write. */
    public static void main(String[] arguments) throws IOException {
        Files.write(Path.of(arguments[0]), new ProposalsReport().write());
    }

    static List<Proposed> jobs(String trade, int most) {
        return IntStream.range(0, most)
                .mapToObj(seed -> new Proposed(trade + " " + seed, TypedJob.of(trade, seed)))
                .toList();
    }

    private List<String> write() {
        List<Proposed> all = new ArrayList<>();
        say("# What is proposed for jobs that nobody has touched");
        say("");
        say(
                "Written by `./upshot proposals`. Sixty jobs are typed line by line (`core/src/test/resources/upshot/core/propose`),"
                        + " six trades, 5 to 20 lines, with and without music, one body or two; then filled, arranged and put in order."
                        + " Whether a picture is right is also looked at; these counts only say what is wrong for certain.");
        say("");
        say(
                "| trade | pictures | over 60 % at one height | flat beats | neighbours framed alike | details beside the point | impossible | musts not shot | taken up again |");
        say("|---|--:|--:|--:|--:|--:|--:|--:|--:|");
        for (String trade : TypedJob.TRADES) {
            List<Proposed> jobs = jobs(trade, OF_A_TRADE);
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
        cut(
                "with room for two of each",
                all.stream().filter(Proposed::roomForRuns).toList());
        return lines;
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
