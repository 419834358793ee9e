package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Kills the application and then its database in the middle of edits, as a power cut would, and starts them again:
 * everything that was confirmed is there. Runs the real processes on a durable database of its own, from the first
 * owner's account on.
 */
class SurvivesKillTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final ObjectMapper JSON = new ObjectMapper();
    /** Counted, not timed: the first page of a cold application can take longer than any pause worth waiting. */
    private static final int EDITS_BEFORE_THE_KILL = 12;

    private static final Pattern CODE = Pattern.compile("with this code: ([A-Z0-9]+)");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Pattern LENGTH = Pattern.compile("data-id=\"([^\"]+)\" data-field=\"lengthS\"");
    private static final Pattern META = Pattern.compile("name=\"csrf-token\" content=\"([^\"]+)\"");

    @TempDir
    private Path folder;

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private Process application;
    private int port;

    @AfterEach
    void stopEverything() throws Exception {
        if (application != null) {
            application.destroyForcibly().waitFor();
        }
        database("database_stop \"$1\"");
    }

    @Test
    void what_was_confirmed_is_there_after_both_were_killed() throws Exception {
        database("database_start \"$1\" durable");
        startApplication();
        signUpAsOwner();
        String job = newJob();

        int afterFirst = editUntilKilled(job, 1, () -> application.destroyForcibly());
        startApplication();
        assertThat(storedLength(job)).as("after the application was killed").isIn(afterFirst, afterFirst + 1);

        int stored = storedLength(job);
        int afterSecond = editUntilKilled(job, stored + 1, this::killDatabase);
        application.destroyForcibly().waitFor();
        database("database_start \"$1\" durable");
        startApplication();
        assertThat(storedLength(job)).as("after the database was killed").isIn(afterSecond, afterSecond + 1);
        assertThat(afterSecond).isGreaterThanOrEqualTo(stored + EDITS_BEFORE_THE_KILL);
    }

    /** Counts the takes of the promo's length up, one edit after the other, until one is not confirmed any more. */
    private int editUntilKilled(String job, int from, ThrowingRunnable kill) throws Exception {
        int confirmed = from - 1;
        CountDownLatch underWay = new CountDownLatch(EDITS_BEFORE_THE_KILL);
        Thread killer = new Thread(() -> {
            try {
                assertThat(underWay.await(60, TimeUnit.SECONDS)).isTrue();
                kill.run();
            } catch (Exception broken) {
                throw new IllegalStateException(broken);
            }
        });
        killer.start();
        for (int seconds = from; seconds < 3600; seconds++) {
            int before = seconds == 1 ? 30 : seconds - 1;
            try {
                if (setLength(job, before, seconds) != 200) {
                    break;
                }
                confirmed = seconds;
                underWay.countDown();
            } catch (IOException gone) {
                break;
            }
        }
        killer.join();
        return confirmed;
    }

    private interface ThrowingRunnable {
        void run() throws Exception;
    }

    private int setLength(String job, int before, int after) throws Exception {
        String body =
                "{\"stage\":\"brief\",\"changes\":[{\"op\":\"set\",\"kind\":\"brief\",\"id\":\"%s\",\"field\":\"lengthS\",\"before\":%d,\"after\":%d}]}"
                        .formatted(brief(job), before, after);
        HttpRequest request = HttpRequest.newBuilder(address("/jobs/" + job + "/changes"))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json")
                .header("Accept", "application/json")
                .header("X-CSRF-TOKEN", token(job))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).statusCode();
    }

    private String cachedToken;
    private String cachedBrief;

    /** The id of the job's brief, off the page on which its length can be set. */
    private String brief(String job) throws Exception {
        if (cachedBrief == null) {
            cachedBrief = found(LENGTH, get("/jobs/" + job + "/brief?open=delivery"));
        }
        return cachedBrief;
    }

    private String token(String job) throws Exception {
        if (cachedToken == null) {
            cachedToken = found(META, get("/jobs/" + job + "/brief"));
        }
        return cachedToken;
    }

    /** The length that the started application shows; the session has survived too. */
    private int storedLength(String job) throws Exception {
        cachedToken = null;
        JsonNode pieces = JSON.readTree(get("/jobs/" + job + "/brief/pieces")).get("pieces");
        for (JsonNode piece : pieces) {
            if (piece.get("id").asText().equals("job-line")) {
                return Integer.parseInt(found(
                        Pattern.compile("(\\d+) s promo"), piece.get("html").asText()));
            }
        }
        throw new AssertionError("No job line in the answer");
    }

    private void signUpAsOwner() throws Exception {
        String code = found(CODE, Files.readString(folder.resolve("app.log")));
        String page = get("/first");
        post(
                "/first",
                "_csrf",
                found(TOKEN, page),
                "code",
                code,
                "displayName",
                "Owner",
                "email",
                "owner@test.example",
                "password",
                "ten letters or more");
        page = get("/sign-in");
        post("/sign-in", "_csrf", found(TOKEN, page), "email", "owner@test.example", "password", "ten letters or more");
    }

    private String newJob() throws Exception {
        HttpResponse<String> answer = post("/jobs", "_csrf", found(TOKEN, get("/jobs")), "name", "Power cut");
        return found(
                Pattern.compile("/jobs/([^/]+)/brief"),
                answer.headers().firstValue("Location").orElseThrow());
    }

    private URI address(String path) {
        return URI.create("http://127.0.0.1:" + port + path);
    }

    private String get(String path) throws Exception {
        return client.send(HttpRequest.newBuilder(address(path)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }

    private HttpResponse<String> post(String path, String... fields) throws Exception {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < fields.length; i += 2) {
            pairs.add(fields[i] + "=" + URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        }
        HttpRequest request = HttpRequest.newBuilder(address(path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", pairs)))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }

    private static String found(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        assertThat(matcher.find()).as(pattern + " in " + text).isTrue();
        return matcher.group(1);
    }

    private void startApplication() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        ProcessBuilder start = new ProcessBuilder(
                "java",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "upshot.app.UpshotLane");
        Files.readAllLines(folder.resolve("db.env"))
                .forEach(line -> start.environment()
                        .put(line.substring(0, line.indexOf('=')), line.substring(line.indexOf('=') + 1)));
        start.environment().put("UPSHOT_PORT", Integer.toString(port));
        start.redirectErrorStream(true).redirectOutput(folder.resolve("app.log").toFile());
        application = start.start();
        for (int i = 0; i < 600; i++) {
            assertThat(application.isAlive())
                    .as("the application, see " + folder.resolve("app.log"))
                    .isTrue();
            try {
                get("/sign-in");
                // The code is printed when all is ready, which is a moment after the first page.
                if (Files.readString(folder.resolve("app.log")).contains("Started UpshotLane")) {
                    TimeUnit.MILLISECONDS.sleep(300);
                    return;
                }
            } catch (IOException notYet) {
                // Asked again below.
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new AssertionError("The application did not answer");
    }

    private void killDatabase() throws Exception {
        long pid =
                Long.parseLong(Files.readString(folder.resolve("database.pid")).strip());
        ProcessHandle.of(pid).orElseThrow().destroyForcibly();
    }

    private void database(String command) throws Exception {
        Process shell = new ProcessBuilder(
                        "bash", "-c", "set -eu; . scripts/database.sh; " + command, "bash", folder.toString())
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("database.out").toFile())
                .start();
        assertThat(shell.waitFor())
                .as(Files.readString(folder.resolve("database.out")))
                .isZero();
    }
}
