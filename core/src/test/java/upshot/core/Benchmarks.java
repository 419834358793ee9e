package upshot.core;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.coverage.Fill;
import upshot.core.cut.PaperCut;
import upshot.core.handoff.FilmedDay;
import upshot.core.joint.JointRules;
import upshot.core.order.DayPlan;
import upshot.core.order.Rolls;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;
import upshot.core.whole.WholeRule;

/**
 * Times the core's work on large jobs and writes a table: {@code ./upshot bench}. No test looks at a clock; this does,
 * on whatever machine it is run.
 */
public final class Benchmarks {

    private static final int WARM_UP = 12;
    private static final long WARM_NS = 5_000_000_000L;
    private static final int RUNS = 25;

    private record Row(String what, double medianMs, double worstMs, String aim) {}

    private Benchmarks() {}

    /**
     * @param arguments the file to write
     */
    public static void main(String[] arguments) throws IOException {
        Row first = once("Judge 60 actions and 250 shots, the first thing in a cold machine", LargeJob.of(60, 250, 0));
        Plan empty = LargeJob.of(60, 0, 0);
        Plan full = LargeJob.of(60, 250, 0);
        Plan cut = LargeJob.of(60, 250, 200);
        Plan longCut = LargeJob.of(60, 250, 2000);
        Shot turned = full.shots().get(100);
        Verdict judged = Verdict.of(full);
        Verdict judgedCut = Verdict.of(cut);
        Use use = cut.uses().get(100);
        double between = (cut.uses().get(40).rank() + cut.uses().get(41).rank()) / 2;
        Verdict minuteAndAHalf = Verdict.of(full.apply(Change.set(full.brief(), "lengthS", 90.0)));
        DayPlan day = DayBenchmarks.writtenDown(150);
        FilmedDay filmed = new FilmedDay(7, 3, 95);
        List<Row> rows = List.of(
                timed("Fill every hole of 60 actions", "300 ms", () -> fill(empty)),
                first,
                judged("Judge 60 actions and 250 shots of a plan just read", "100 ms", () -> LargeJob.of(60, 250, 0)),
                timed("Preview: turn one shot and judge again", "50 ms", () -> after(judged, turn(turned, ++asked))),
                edited("made longer", judgedCut, i -> Change.set(use, "frames", use.frames() + 1 + i % 50)),
                edited("moved", judgedCut, i -> Change.set(use, "rank", between + i % 50 * 1e-3)),
                edited("taken out", judgedCut, i -> new Change.Remove(cut.uses().get(50 + i % 100))),
                edited(
                        "shows another shot",
                        judgedCut,
                        i -> Change.set(use, "shotId", cut.shots().get(i % 200).id())),
                edited("has another transition", judgedCut, i -> Change.set(use, "joinFrames", 2 + i % 50)),
                edited("is of a shot that is turned", judgedCut, i -> turn(cut.shotOf(use), i)),
                timed("Judge the joints of 200 uses and the whole", "5 ms", () -> joints(cut, judgedCut.day())),
                timed("Judge the joints of 2,000 uses and the whole", "50 ms", () -> joints(longCut, judgedCut.day())),
                judged("Judge a job of 200 uses, just read", "", () -> LargeJob.of(60, 250, 200)),
                judged("Judge a job of 2,000 uses, just read", "", () -> LargeJob.of(60, 250, 2000)),
                timed("Arrange 90 s out of 250 shots", "2,000 ms", () -> arranged(minuteAndAHalf)),
                timed("Lay 300 clips beside the takes of three cameras", "200 ms", filmed::matched),
                timed("Move a setup of 150 and time the day again", "100 ms", () -> DayBenchmarks.moved(day)));
        Files.writeString(Path.of(arguments[0]), page(rows));
    }

    private static Object fill(Plan plan) {
        return new Fill(UUID::randomUUID, Codes.of(plan)).propose(plan, hole -> true);
    }

    /** Another edit each time: the last two are remembered. */
    private static int asked;

    private static Change turn(Shot shot, int i) {
        return Change.set(shot, "bearingDeg", 31.0 + 7 * i % 59);
    }

    private static Verdict after(Verdict before, Change change) {
        return Verdict.of(before.plan().apply(change));
    }

    private static Row edited(String how, Verdict before, IntFunction<Change> change) {
        return timed("One of 200 uses " + how + ", judged again", "1 ms", () -> after(before, change.apply(++asked)));
    }

    /** Joints and the whole, of a plan of which nothing is known yet. */
    private static Object joints(Plan known, DayPlan day) {
        Plan plan = known.apply(Change.set(known.brief(), "name", "Another"));
        PaperCut cut = PaperCut.of(plan);
        Rolls rolls = Rolls.of(day);
        List<Object> findings = new ArrayList<>(WholeRule.judgeAll(cut));
        for (int joint = 0; joint < cut.joints(); joint++) {
            findings.addAll(JointRules.judge(cut, joint, rolls));
        }
        return findings;
    }

    private static Object arranged(Verdict verdict) {
        return new Arrange(UUID::randomUUID, Manner.PLACE_FIRST, 1, Arrange.USUAL_STEPS).propose(verdict);
    }

    private static Row once(String what, Plan plan) {
        long before = System.nanoTime();
        Verdict.of(plan);
        double millis = (System.nanoTime() - before) / 1e6;
        return new Row(what, millis, millis, "");
    }

    private static Row judged(String what, String aim, Supplier<Plan> plans) {
        return timed(what, aim, plans, Verdict::of);
    }

    private static Row timed(String what, String aim, Supplier<Object> work) {
        return timed(what, aim, () -> work, Supplier::get);
    }

    /**
     * @param prepare makes what is worked on, outside of the time
     */
    private static <T> Row timed(String what, String aim, Supplier<T> prepare, Function<T, Object> work) {
        long warm = System.nanoTime() + WARM_NS;
        for (int i = 0; i < WARM_UP || System.nanoTime() < warm; i++) {
            work.apply(prepare.get());
        }
        double[] millis = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            T prepared = prepare.get();
            long before = System.nanoTime();
            work.apply(prepared);
            millis[i] = (System.nanoTime() - before) / 1e6;
        }
        Arrays.sort(millis);
        return new Row(what, millis[RUNS / 2], millis[RUNS - 1], aim);
    }

    private static String page(List<Row> rows) {
        String table = rows.stream()
                .map(row -> String.format(
                        Locale.ROOT, "| %s | %.1f | %.1f | %s |", row.what, row.medianMs, row.worstMs, row.aim))
                .collect(Collectors.joining("\n"));
        return """
                # Benchmarks

                Written by `./upshot bench` on %s, Java %s, %d processors; milliseconds in a warm machine where nothing else is said, %d runs each.

                | what | median | worst | aim |
                |---|---|---|---|
                %s
                """.formatted(
                        LocalDate.now(),
                        Runtime.version().feature(),
                        Runtime.getRuntime().availableProcessors(),
                        RUNS,
                        table);
    }
}
