package upshot.app;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.LongAdder;
import java.util.regex.Pattern;
import upshot.core.LargeJob;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.exchange.json.ChangeJson;
import upshot.exchange.json.PlanJson;

/**
 * Loads a running application from beside it, on the same processors, as planners with open pages would: first each page
 * alone, then a mix of requests at a steady pace. Run by {@code ./upshot bench}; figures are written down, not asserted.
 */
public final class Load {

    private static final List<String> STAGES = List.of("brief", "coverage", "cut", "day", "hand-off");
    private static final int ALONE_WARM_UP = 80;
    private static final int ALONE = 25;
    private static final int JOBS = 5;
    private static final int A_SECOND = 40;
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
                    "| Page %s of 300 shots alone, %.0f KB over the wire, %.0f ms of processor | %.1f ms | %.1f ms | 40 ms, 100 KB, 20 ms |",
                    stage, bytes / 1e3, processor, millis[ALONE / 2], millis[ALONE - 1]);
        }
    }

    private void largestReport() throws Exception {
        String job = newJob(LargeJob.of(500, 3000, 0));
        get("/jobs/%s/coverage".formatted(job));
        long began = System.nanoTime();
        HttpResponse<byte[]> answer = get("/jobs/%s/coverage/report.pdf".formatted(job));
        row(
                "| Report of the largest job as PDF (status %d, %.1f MB) | %.1f s | | 5 s |",
                answer.statusCode(), answer.body().length / 1e6, (System.nanoTime() - began) / 1e9);
    }

    /** One job as its pages know it. */
    private final class Open {

        final String id;
        final Plan plan;
        final Map<String, String> tags = new ConcurrentHashMap<>();
        double bearingDeg;

        Open(String id, Plan plan) {
            this.id = id;
            this.plan = plan;
            this.bearingDeg = plan.shots().get(0).bearingDeg();
        }
    }

    private void mix() throws Exception {
        Plan plan = LargeJob.of(60, 300, 200);
        List<Open> jobs = new ArrayList<>();
        for (int i = 0; i < JOBS; i++) {
            jobs.add(new Open(newJob(plan), plan));
        }
        String token = web.token("/jobs");
        run(jobs, token, WARM_UP_S, new ArrayList<>(), new LongAdder());
        List<double[]> millis = new ArrayList<>();
        LongAdder errors = new LongAdder();
        double before = processorMs();
        run(jobs, token, SECONDS, millis, errors);
        double[] sorted = millis.stream().mapToDouble(one -> one[1]).sorted().toArray();
        row(
                "| Mix of %d requests a second for %d s, %d errors, %.0f %% of a processor | %.1f ms | 95 in 100 within %.1f ms, all within %.0f ms | 150 ms |",
                A_SECOND,
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

    private void run(List<Open> jobs, String token, int seconds, List<double[]> millis, LongAdder errors)
            throws InterruptedException {
        ScheduledExecutorService clock = Executors.newScheduledThreadPool(32);
        Random random = new Random(7);
        AtomicInteger left = new AtomicInteger(A_SECOND * seconds);
        for (int i = 0; i < A_SECOND * seconds; i++) {
            int kind = kind(random.nextInt(100));
            Open job = jobs.get(random.nextInt(jobs.size()));
            String stage = STAGES.get(random.nextInt(STAGES.size()));
            clock.schedule(
                    () -> {
                        // Late for its time counts as waiting: who presses does not wait for others to be served.
                        long began = System.nanoTime();
                        int status = ask(job, stage, kind, token);
                        synchronized (millis) {
                            millis.add(new double[] {kind, (System.nanoTime() - began) / 1e6});
                        }
                        if (status >= 400) {
                            errors.increment();
                        }
                        left.decrementAndGet();
                    },
                    1000L * i / A_SECOND,
                    TimeUnit.MILLISECONDS);
        }
        clock.shutdown();
        if (!clock.awaitTermination(seconds + 120L, TimeUnit.SECONDS)) {
            throw new IllegalStateException("%d requests were never answered".formatted(left.get()));
        }
    }

    /** 40 full pages, 20 with what the browser has, 25 news, 10 previews, 5 edits in a hundred. */
    private static int kind(int percent) {
        return percent < 40 ? 0 : percent < 60 ? 1 : percent < 85 ? 2 : percent < 95 ? 3 : 4;
    }

    private int ask(Open job, String stage, int kind, String token) {
        String page = "/jobs/%s/%s".formatted(job.id, stage);
        try {
            HttpRequest.Builder request = switch (kind) {
                case 0 -> web.request(page).header("Accept-Encoding", "gzip");
                case 1 ->
                    web.request(page)
                            .header("Accept-Encoding", "gzip")
                            .header("If-None-Match", job.tags.getOrDefault(stage, "\"none\""));
                case 2 -> web.request(page + "/news?since=1000000").setHeader("Accept", "application/json");
                default -> turn(job, token, true);
            };
            if (kind == 4) {
                // One at a time for each job: each names what the one before it left.
                synchronized (job) {
                    return web.client()
                            .send(turn(job, token, false).build(), HttpResponse.BodyHandlers.ofByteArray())
                            .statusCode();
                }
            }
            HttpResponse<byte[]> answer = web.client().send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            answer.headers().firstValue("ETag").ifPresent(tag -> job.tags.put(stage, tag));
            return answer.statusCode();
        } catch (IOException gone) {
            return 599;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return 599;
        }
    }

    /** Turns a camera by a degree, in the panel that is open beside the grid. */
    private HttpRequest.Builder turn(Open job, String token, boolean preview) {
        Shot shot = job.plan.shots().get(preview ? 1 : 0);
        double to = preview ? shot.bearingDeg() + 7 : (job.bearingDeg + 1) % 360;
        Change change = preview
                ? Change.set(shot, "bearingDeg", to)
                : new Change.Set(upshot.core.plan.Kind.SHOT, shot.id(), "bearingDeg", job.bearingDeg, to);
        if (!preview) {
            job.bearingDeg = to;
        }
        return web.json(
                        "/jobs/%s/changes".formatted(job.id),
                        token,
                        "{\"stage\":\"coverage\",\"preview\":%s,\"parameters\":{\"shot\":\"%s\"},\"changes\":%s}"
                                .formatted(preview, shot.id(), ChangeJson.write(change)))
                .header("Accept-Encoding", "gzip");
    }
}
