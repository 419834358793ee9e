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
