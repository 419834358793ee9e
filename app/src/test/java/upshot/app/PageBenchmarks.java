package upshot.app;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.core.LargeJob;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.exchange.json.ChangeJson;

/**
 * Times whole answers of the running application over the loopback: server, session, database and templates, until the
 * last byte has come. Run by {@code ./upshot bench} alone: its name keeps it out of the tests, and it asserts no time.
 */
@AppTest
class PageBenchmarks {

    private static final int WARM_UP = 150;

    /** Until then the compiler has looked at most of what a page needs; what is drawn anew each time is bounded by its jobs. */
    private static final long WARM_NS = 20_000_000_000L;

    private static final int EDITS = 50;

    /** More than are kept as they were drawn. */
    private static final int MINUTES = 800;

    private static final int RUNS = 25;
    private static final Pattern TOKEN =
            Pattern.compile("name=\"(?:_csrf|csrf-token)\"[^>]*(?:value|content)=\"([^\"]+)\"");

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();

    @LocalServerPort
    private int port;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private People people;

    private interface Asked {
        HttpRequest at(int run);
    }

    @Test
    void coverage_of_60_actions_and_250_shots() throws Exception {
        Account account = people.account();
        SignedIn owner = new SignedIn(account);
        signIn(account.email());
        Plan plan = LargeJob.of(60, 250, 0);
        List<UUID> fresh = new ArrayList<>();
        for (int i = 0; i < WARM_UP + RUNS; i++) {
            fresh.add(newJobs.create(owner, plan));
        }
        UUID known = newJobs.create(owner, plan);
        Shot turned = plan.shots().get(100);
        String selected = "/jobs/%s/coverage?shot=%s".formatted(known, turned.id());
        String token = token(answer(get(selected)));
        // Last, when the templates are as warm as for the others: what it takes longer is reading and judging.
        List<String> judged = List.of(
                row("Coverage page, judged already", "100 ms", run -> get("/jobs/%s/coverage".formatted(known))),
                row("Coverage page with a shot's panel", "100 ms", run -> get(selected)),
                row(
                        "Panel preview while a control moves",
                        "50 ms",
                        run -> preview(known, "coverage", turned, token, run)));
        append(List.of(row(
                "Coverage page, read and judged anew",
                "100 ms",
                0,
                run -> get("/jobs/%s/coverage".formatted(fresh.get(run))))));
        append(judged);
    }

    @Test
    void a_drop_on_a_score_of_200_uses() throws Exception {
        Account account = people.account();
        signIn(account.email());
        Plan plan = LargeJob.of(60, 250, 200);
        UUID job = newJobs.create(new SignedIn(account), plan);
        Use dragged = plan.uses().get(100);
        String token = token(answer(get("/jobs/%s/cut?use=%s".formatted(job, dragged.id()))));
        append(List.of(row(
                "Answer to a drop on a score of 200 uses",
                "100 ms",
                run -> drop(job, dragged, token, 100 * 24 + 25 + run % EDITS))));
    }

    @Test
    void a_spot_of_200_shots_and_60_things() throws Exception {
        Account account = people.account();
        signIn(account.email());
        Plan plan = CrowdedSpot.of();
        UUID job = newJobs.create(new SignedIn(account), plan);
        Shot moved = plan.shots().get(100);
        String spot = plan.spots().get(0).id().toString();
        String token = token(answer(get("/jobs/%s/ground?spot=%s".formatted(job, spot))));
        append(List.of(
                row(
                        "Ground, a spot of 200 shots and 60 things, drawn anew",
                        "60 ms",
                        run -> get("/jobs/%s/ground?spot=%s&at=%d".formatted(job, spot, 600 + run % MINUTES))),
                row("The same while a camera is moved", "40 ms", run -> preview(job, "ground", moved, token, run))));
    }

    /** The end of a use dropped on a frame: saved, judged and drawn again. */
    private HttpRequest drop(UUID jobId, Use dragged, String token, int end) {
        return request("/jobs/%s/changes".formatted(jobId))
                .header("Content-Type", "application/json")
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"stage\":\"cut\",\"parameters\":{\"use\":\"%1$s\"},\"gesture\":\"length-use\",\"arguments\":{\"id\":\"%1$s\",\"end\":\"%2$d\"}}"
                                .formatted(dragged.id(), end)))
                .build();
    }

    private void signIn(String email) throws IOException, InterruptedException {
        String form = "email=%s&password=%s&_csrf=%s".formatted(email, People.PASSWORD, token(answer(get("/sign-in"))));
        answer(request("/sign-in")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(form))
                .build());
    }

    private HttpRequest preview(UUID jobId, String stage, Shot turned, String token, int run) {
        String changes = ChangeJson.write(Change.set(turned, "bearingDeg", 40.0 + run % EDITS));
        return request("/jobs/%s/changes".formatted(jobId))
                .header("Content-Type", "application/json")
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"stage\":\"%s\",\"preview\":true,\"parameters\":{\"shot\":\"%s\"},\"changes\":%s}"
                                .formatted(stage, turned.id(), changes)))
                .build();
    }

    private HttpRequest get(String path) {
        return request(path).build();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path));
    }

    private String answer(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException("%s: %d".formatted(request.uri(), answer.statusCode()));
        }
        return answer.body();
    }

    private static String token(String page) {
        Matcher found = TOKEN.matcher(page);
        if (!found.find()) {
            throw new IllegalStateException("The page has no token");
        }
        return found.group(1);
    }

    private String row(String what, String aim, Asked asked) throws Exception {
        return row(what, aim, WARM_NS, asked);
    }

    /**
     * @param warmNs how long it is asked before it is timed, however often that is
     */
    private String row(String what, String aim, long warmNs, Asked asked) throws Exception {
        long warm = System.nanoTime() + warmNs;
        int asks = 0;
        while (asks < WARM_UP || System.nanoTime() < warm) {
            answer(asked.at(asks++));
        }
        double[] millis = new double[RUNS];
        for (int run = 0; run < RUNS; run++) {
            HttpRequest request = asked.at(asks++);
            long before = System.nanoTime();
            answer(request);
            millis[run] = (System.nanoTime() - before) / 1e6;
        }
        Arrays.sort(millis);
        return String.format(Locale.ROOT, "| %s | %.1f | %.1f | %s |", what, millis[RUNS / 2], millis[RUNS - 1], aim);
    }

    private static void append(List<String> rows) throws IOException {
        Files.writeString(
                Path.of(System.getProperty("upshot.benchmarks")),
                String.join("\n", rows) + "\n",
                StandardOpenOption.APPEND);
    }
}
