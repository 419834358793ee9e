package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The parts of the scripts that decide something, run by the shell they are written for. */
class ScriptsTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    @TempDir
    private Path folder;

    private record Ran(int status, String output) {}

    private Ran shell(String command) throws IOException, InterruptedException {
        Path output = folder.resolve("output");
        String prelude = "set -eu; ROOT=%s; fail() { echo \"$*\" >&2; exit 1; }; say() { echo \"$*\"; };"
                .formatted(folder.resolve("clone"));
        Process process = new ProcessBuilder(
                        "bash", "-c", prelude + " for f in scripts/*.sh; do . $f; done; " + command)
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start();
        return new Ran(process.waitFor(), Files.readString(output));
    }

    @Test
    void what_is_there_is_not_asked_for() throws Exception {
        assertThat(shell("need_packages \"${FOR_BUILDING[@]}\" \"bash bash\"; echo fine")
                        .output())
                .isEqualTo("fine\n");
    }

    @Test
    void who_may_not_install_gets_the_one_line_and_nothing_changes() throws Exception {
        Ran ran = shell("id() { echo 1000; }; sudo() { return 1; }; apt-get() { echo CALLED; };"
                + " need_packages \"bash bash\" \"some-package no-such-program\" \"other no-such-either\"");

        assertThat(ran.status()).isEqualTo(1);
        assertThat(ran.output())
                .contains(
                        "sudo apt-get -o DPkg::Lock::Timeout=120 install -y --no-install-recommends some-package other")
                .doesNotContain("CALLED");
    }

    /** Processes that are said to have ended so many times; what is said and begun is written down. */
    private String kept(int endings, String databaseAlive) throws Exception {
        return shell("mkdir -p f; echo x >$ROOT.env; cd %s; echo 1 >app.pid; echo x >db.env; n=0;".formatted(folder)
                        + " kill() { n=$((n + 1)); [ $n -gt " + endings + " ] && exit 0; return 1; };"
                        + " pause() { echo \"pause $1\"; }; launch() { echo launched; };"
                        + " database_alive() { " + databaseAlive + "; }; database_start() { echo 'database'; };"
                        + " keep_running own . 1")
                .output();
    }

    @Test
    void an_application_that_ends_by_itself_is_started_again_ever_later_and_the_database_is_left_alone()
            throws Exception {
        assertThat(kept(8, "true").lines().filter(line -> line.startsWith("The application ended")))
                .extracting(line -> line.replaceAll(".* in (\\d+) s;.*", "$1"))
                .containsExactly("1", "2", "4", "8", "16", "32", "60", "60");
        assertThat(kept(3, "true")).contains("launched").doesNotContain("database\n");
    }

    @Test
    void a_database_that_ends_by_itself_is_started_again_under_the_application() throws Exception {
        assertThat(kept(1, "m=$((${m:-0} + 1)); [ $m -gt 1 ]"))
                .startsWith("The database ended by itself; it starts again.\ndatabase\n");
    }

    @Test
    void a_database_of_a_newer_program_is_refused_and_an_older_one_is_kept_first() throws Exception {
        Ran newer = shell("database_version() { echo 999; }; refuse_newer x; echo went on");
        assertThat(newer.status()).isEqualTo(1);
        assertThat(newer.output())
                .contains("written by a newer Upshot Lane", "has version 999")
                .doesNotContain("went on");
        String kept = "need_packages() { :; }; dump() { echo dumped; }; keep_before_changes x; echo went on";
        assertThat(shell("database_version() { echo 12; }; " + kept).output()).contains("dumped\nwent on");
        assertThat(shell("database_version() { newest_known; }; " + kept).output())
                .isEqualTo("went on\n");
        assertThat(shell("database_version() { echo 0; }; " + kept).output()).isEqualTo("went on\n");
    }

    @Test
    void a_full_disk_is_said_at_the_start() throws Exception {
        String df = "df() { printf 'head\\nx 1 1 %s 1 /\\n'; }; say_when_full /; echo on";
        assertThat(shell(df.formatted("1023")).output()).startsWith("Only 1023 MB are free");
        assertThat(shell(df.formatted("1024")).output()).isEqualTo("on\n");
    }

    @Test
    void a_compiler_older_than_17_or_missing_is_no_compiler() throws Exception {
        assertThat(shell("javac() { echo 'javac 11.0.2'; }; java_compiler && echo good || echo old")
                        .output())
                .isEqualTo("old\n");
        assertThat(shell("javac() { echo 'javac 17.0.1'; }; java_compiler && echo good || echo old")
                        .output())
                .isEqualTo("good\n");
        assertThat(shell("javac() { return 127; }; java_compiler && echo good || echo old")
                        .output())
                .isEqualTo("old\n");
    }

    @Test
    void the_folder_of_somebody_else_is_named_and_left_alone() throws Exception {
        // /proc/1 belongs to root and cannot be taken over; as root, a folder is given away first.
        Path other = Files.createDirectories(folder.resolve("clone/.data/demo"));
        boolean root = shell("id -u").output().strip().equals("0");
        String foreign = root ? "chown 12345 " + other + "; own_folder " + other : "own_folder /proc/1";
        Ran ran = shell(foreign);

        assertThat(ran.status()).isEqualTo(1);
        assertThat(ran.output()).contains("belongs to", "Nothing was changed");
        assertThat(shell("own_folder " + Files.createDirectories(folder.resolve("clone/.data/own")))
                        .status())
                .isZero();
    }

    @Test
    void the_port_of_last_time_is_kept_if_it_is_free() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            String other = shell("free_port " + taken.getLocalPort()).output().strip();
            assertThat(Integer.parseInt(other))
                    .isNotEqualTo(taken.getLocalPort())
                    .isBetween(20_000, 29_999);
            assertThat(shell("free_port " + other).output().strip()).isEqualTo(other);
        }
    }

    @Test
    void a_socket_path_is_short_however_deep_the_folder_lies() throws Exception {
        assertThat(shell("database_socket /" + "deep/".repeat(60)).output().strip())
                .hasSizeLessThan(108);
    }

    @Test
    void help_names_every_command() throws Exception {
        assertThat(shell("./upshot help").output()).contains("demo", "start", "stop", "test", "--fresh", "--yes");
        assertThat(shell("./upshot dance").status()).isEqualTo(2);
    }
}
