package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** The real processes on a durable database of their own and a gigabyte of memory, from the first owner's account on. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class RealApplication {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    static final String PASSWORD = "ten letters or more";
    private static final Pattern CODE = Pattern.compile("with this code: ([A-Z0-9]+)");

    @TempDir
    private static Path folder;

    Web web;
    Process application;
    int port;

    @BeforeAll
    void start() throws Exception {
        database("database_start \"$1\" durable");
        startApplication();
        signUpAsOwner();
    }

    @AfterAll
    void stopEverything() throws Exception {
        if (application != null) {
            application.destroyForcibly().waitFor();
        }
        database("database_stop \"$1\"");
    }

    final void startApplication() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        web = new Web(port);
        ProcessBuilder start = new ProcessBuilder(
                "java",
                "-XX:TieredStopAtLevel=1",
                "-Xmx1g",
                "-XX:+ExitOnOutOfMemoryError",
                "-Djava.io.tmpdir=" + Files.createDirectories(folder.resolve("tmp")),
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
                web.get("/sign-in");
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

    final void killDatabase() throws Exception {
        long pid =
                Long.parseLong(Files.readString(folder.resolve("database.pid")).strip());
        ProcessHandle.of(pid).orElseThrow().destroyForcibly();
        // Started again while it is still dying, it would be taken for running.
        database("while database_alive \"$1\"; do sleep 0.02; done");
    }

    final void database(String command) throws Exception {
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

    final void signUpAsOwner() throws Exception {
        String code = Web.found(CODE, Files.readString(folder.resolve("app.log")));
        web.post(
                "/first",
                "_csrf",
                web.token("/first"),
                "code",
                code,
                "displayName",
                "Owner",
                "email",
                "owner@test.example",
                "password",
                PASSWORD);
        web.signIn("owner@test.example", PASSWORD);
    }

    final String newJob() throws Exception {
        HttpResponse<String> answer = web.post("/jobs", "_csrf", web.token("/jobs"), "name", "Power cut");
        return Web.found(
                Pattern.compile("/jobs/([^/]+)/brief"),
                answer.headers().firstValue("Location").orElseThrow());
    }

    /** Within ten seconds: no upload lies about, no thread still reads, no lock is held. */
    final void nothingIsLeft() throws Exception {
        for (int tries = 0; tries < 100; tries++) {
            if (uploads() == 0 && working().isEmpty()) {
                return;
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new AssertionError("%d uploads and %s are left".formatted(uploads(), working()));
    }

    private long uploads() throws IOException {
        try (Stream<Path> files = Files.walk(folder.resolve("tmp"))) {
            return files.filter(file -> file.getFileName().toString().startsWith("upload_"))
                    .count();
        }
    }

    /** Threads of the application that stand in our own code. */
    private List<String> working() throws Exception {
        Process stacks = new ProcessBuilder("jstack", Long.toString(application.pid())).start();
        String text = new String(stacks.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return Stream.of(text.split("\n\n"))
                .filter(thread -> thread.contains("file-reader") || thread.contains("http-nio"))
                .filter(thread -> thread.contains("at upshot."))
                .map(thread -> thread.lines().findFirst().orElse(""))
                .toList();
    }
}
