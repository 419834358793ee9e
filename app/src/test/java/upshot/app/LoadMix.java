package upshot.app;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.LongAdder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.exchange.json.ChangeJson;

/** The mix of requests that planners with open pages make, at a steady pace, over some jobs. */
final class LoadMix {

    static final int A_SECOND = 40;

    private final Web web;
    private final List<Open> jobs;
    private final String token;

    LoadMix(Web web, List<Open> jobs, String token) {
        this.web = web;
        this.jobs = jobs;
        this.token = token;
    }

    /** One job as its pages know it. */
    static final class Open {

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

    void run(int seconds, List<double[]> millis, LongAdder errors) throws InterruptedException {
        ScheduledExecutorService clock = Executors.newScheduledThreadPool(32);
        Random random = new Random(7);
        AtomicInteger left = new AtomicInteger(A_SECOND * seconds);
        for (int i = 0; i < A_SECOND * seconds; i++) {
            int kind = kind(random.nextInt(100));
            Open job = jobs.get(random.nextInt(jobs.size()));
            String stage = Load.STAGES.get(random.nextInt(Load.STAGES.size()));
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
                return edit(job);
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

    /** One at a time for each job: each names what the one before it left. */
    int edit(Open job) throws IOException, InterruptedException {
        synchronized (job) {
            return web.client()
                    .send(turn(job, token, false).build(), HttpResponse.BodyHandlers.ofByteArray())
                    .statusCode();
        }
    }

    /** Turns a camera by a degree, in the panel that is open beside the grid. */
    private HttpRequest.Builder turn(Open job, String token, boolean preview) {
        Shot shot = job.plan.shots().get(preview ? 1 : 0);
        double to = preview ? shot.bearingDeg() + 7 : (job.bearingDeg + 1) % 360;
        Change change = preview
                ? Change.set(shot, "bearingDeg", to)
                : new Change.Set(upshot.core.plan.RecordKind.SHOT, shot.id(), "bearingDeg", job.bearingDeg, to);
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
