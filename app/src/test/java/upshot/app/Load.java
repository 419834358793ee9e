package upshot.app;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.LongAdder;
import java.util.regex.Pattern;
import upshot.core.LargeJob;
import upshot.core.plan.Plan;
import upshot.exchange.json.PlanJson;

/**
 * Loads a running application from beside it, on the same processors, as planners with open pages would: first each page
 * alone, then a mix of requests at a steady pace. Run by {@code ./upshot bench}; figures are written down, not asserted.
 */
public final class Load {

    static final List<String> STAGES = List.of("brief", "coverage", "cut", "ground", "day", "hand-off");
    private static final int ALONE_WARM_UP = 240;
    private static final int ALONE = 25;
    private static final int JOBS = 5;
    private static final int WARM_UP_S = 30;
    private static final int SECONDS = 60;
    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/brief");

    private final Web web;
    private final long pid;
    private final List<String> rows = new ArrayList<>();

    private Load(int port, long pid) {
        this.web = new Web(port);
        this.pid = pid;
    }

    /**
     * @param arguments port, process number of the application, sign-in name, password, the file to append to
     */
    public static void main(String[] arguments) throws Exception {
        Load load = new Load(Integer.parseInt(arguments[0]), Long.parseLong(arguments[1]));
        load.web.signIn(arguments[2], arguments[3]);
        load.firstView();
        load.pagesAlone();
        load.pagesAnew();
        load.mix();
        load.largestReport();
        load.rows.add(
                0,
                "\n## Under load\n\nBeside other requests on the same two processors, the load program among them.\n\n| what | median | worst or 95 in 100 | aim |\n|---|---|---|---|");
        Files.writeString(
                Path.of(arguments[4]),
                String.join("\n", load.rows) + "\n",
                StandardOpenOption.APPEND,
                StandardOpenOption.CREATE);
    }

    private String newJob(Plan plan) throws Exception {
        HttpResponse<String> answer = web.send(web.file(
                "/jobs/from-file", web.token("/jobs"), PlanJson.write(plan).getBytes(StandardCharsets.UTF_8)));
        return Web.found(JOB, answer.headers().firstValue("Location").orElseThrow());
    }

    private HttpResponse<byte[]> get(String path) throws IOException, InterruptedException {
        return web.client()
                .send(
                        web.request(path).header("Accept-Encoding", "gzip").build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }

    /** Milliseconds of processor that the application has used. */
    private double processorMs() throws IOException {
        String[] stat = Files.readString(Path.of("/proc/" + pid + "/stat"))
                .split("\\) ")[1]
                .split(" ");
        return 10.0 * (Long.parseLong(stat[11]) + Long.parseLong(stat[12]));
    }

    private void row(String format, Object... values) {
        String row = String.format(Locale.ROOT, format, values);
        rows.add(row);
        System.out.println(row);
    }

    /** All that a browser without anything of ours asks for to show the first page. */
    private void firstView() throws Exception {
        String job = newJob(LargeJob.of(20, 60, 40));
        HttpResponse<byte[]> page = get("/jobs/%s/brief".formatted(job));
        List<String> asked = new ArrayList<>();
        long bytes = page.body().length;
        String html = web.get("/jobs/%s/brief".formatted(job));
        var links =
                Pattern.compile("(?:href|src)=\"(/[^\"#?]+\\.(?:css|js|svg))\"").matcher(html);
        while (links.find()) {
            bytes += ask(links.group(1), asked);
        }
        row("| First view of a job, over the wire: %d requests | %.0f KB | | 250 KB |", asked.size() + 1, bytes / 1e3);
    }

    /** The bytes of a file and of what it brings along. */
    private long ask(String path, List<String> asked) throws Exception {
        if (asked.contains(path)) {
            return 0;
        }
        asked.add(path);
        long bytes = get(path).body().length;
        String text = web.get(path);
        if (path.endsWith(".js")) {
            var imports = Pattern.compile("(?m)^import [^\"]*\"([^\"]+)\"").matcher(text);
            while (imports.find()) {
                bytes += ask(
                        Path.of(path)
                                .getParent()
                                .resolve(imports.group(1))
                                .normalize()
                                .toString(),
                        asked);
            }
        }
        if (path.endsWith(".css")) {
            // Letters beyond the usual ones are asked for where a page has them.
            var fonts = Pattern.compile("url\\(\"?([^\")]+latin-[0-9]+-normal[^\")]*\\.woff2)\"?\\)")
                    .matcher(text);
            while (fonts.find()) {
                bytes += ask(
                        Path.of(path)
                                .getParent()
                                .resolve(fonts.group(1))
                                .normalize()
                                .toString(),
                        asked);
            }
        }
        return bytes;
    }

    private void pagesAlone() throws Exception {
        String job = newJob(LargeJob.of(60, 300, 200));
        for (String stage : STAGES) {
            String path = "/jobs/%s/%s".formatted(job, stage);
            double[] millis = new double[ALONE];
            double before = 0;
            int bytes = 0;
            for (int run = -ALONE_WARM_UP; run < ALONE; run++) {
                if (run == 0) {
                    before = processorMs();
                }
                long began = System.nanoTime();
                HttpResponse<byte[]> answer = get(path);
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(path + ": " + answer.statusCode());
                }
                bytes = answer.body().length;
                if (run >= 0) {
                    millis[run] = (System.nanoTime() - began) / 1e6;
                }
            }
            double processor = (processorMs() - before) / ALONE;
            Arrays.sort(millis);
            row(
                    "| Page %s of 300 shots alone, drawn before, %.0f KB over the wire, %.0f ms of processor | %.1f ms | %.1f ms | 40 ms, 100 KB, 20 ms |",
                    stage, bytes / 1e3, processor, millis[ALONE / 2], millis[ALONE - 1]);
        }
    }

    /** What a page takes that nobody has looked at since an edit. */
    private void pagesAnew() throws Exception {
        Plan plan = LargeJob.of(60, 300, 200);
        LoadMix.Open open = new LoadMix.Open(newJob(plan), plan);
        LoadMix mix = new LoadMix(web, List.of(open), web.token("/jobs"));
        for (String stage : STAGES) {
            double[] millis = new double[ALONE];
            for (int run = -ALONE_WARM_UP / 2; run < ALONE; run++) {
                mix.edit(open);
                long began = System.nanoTime();
                get("/jobs/%s/%s".formatted(open.id, stage));
                if (run >= 0) {
                    millis[run] = (System.nanoTime() - began) / 1e6;
                }
            }
            Arrays.sort(millis);
            row(
                    "| Page %s of 300 shots, drawn anew after an edit | %.1f ms | %.1f ms | 40 ms |",
                    stage, millis[ALONE / 2], millis[ALONE - 1]);
        }
    }

    /** From the press on the link until the paper has come, by way of the page that says how far it is. */
    private void largestReport() throws Exception {
        for (String when : List.of("the first since the start", "of the next such job")) {
            String job = newJob(LargeJob.of(500, 3000, 0));
            get("/jobs/%s/coverage".formatted(job));
            long began = System.nanoTime();
            HttpResponse<byte[]> answer = get("/jobs/%s/papers/coverage.pdf".formatted(job));
            while (answer.statusCode() == 303) {
                Thread.sleep(100);
                HttpResponse<byte[]> made = get("/jobs/%s/papers/coverage/made.pdf".formatted(job));
                answer = made.statusCode() == 404 ? answer : made;
            }
            row(
                    "| Report of the largest job as PDF, %s (status %d, %.1f MB) | %.1f s | | 5 s |",
                    when, answer.statusCode(), answer.body().length / 1e6, (System.nanoTime() - began) / 1e9);
        }
    }

    private void mix() throws Exception {
        Plan plan = LargeJob.of(60, 300, 200);
        List<LoadMix.Open> jobs = new ArrayList<>();
        for (int i = 0; i < JOBS; i++) {
            jobs.add(new LoadMix.Open(newJob(plan), plan));
        }
        String token = web.token("/jobs");
        LoadMix mix = new LoadMix(web, jobs, token);
        mix.run(WARM_UP_S, new ArrayList<>(), new LongAdder());
        List<double[]> millis = new ArrayList<>();
        LongAdder errors = new LongAdder();
        double before = processorMs();
        mix.run(SECONDS, millis, errors);
        double[] sorted = millis.stream().mapToDouble(one -> one[1]).sorted().toArray();
        row(
                "| Mix of %d requests a second for %d s, %d errors, %.0f %% of a processor | %.1f ms | 95 in 100 within %.1f ms, all within %.0f ms | 150 ms |",
                LoadMix.A_SECOND,
                SECONDS,
                errors.sum(),
                (processorMs() - before) / SECONDS / 10,
                sorted[sorted.length / 2],
                sorted[(int) (sorted.length * 0.95)],
                sorted[sorted.length - 1]);
        String[] kinds = {"full page", "page with its tag", "news", "preview", "edit"};
        for (int kind = 0; kind < kinds.length; kind++) {
            int wanted = kind;
            double[] own = millis.stream()
                    .filter(one -> one[0] == wanted)
                    .mapToDouble(one -> one[1])
                    .sorted()
                    .toArray();
            row(
                    "| Of these: %s, %d | %.1f ms | %.1f ms | |",
                    kinds[kind], own.length, own[own.length / 2], own[(int) (own.length * 0.95)]);
        }
    }
}
