package upshot.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The project's own scripts, as {@code ./upshot} uses them, on data folders below another root. */
final class Scripts {

    private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();

    private final Path root;

    Scripts(Path root) {
        this.root = root;
    }

    /** How a command ended, and what it said. */
    record Ran(int status, String output) {}

    Ran run(String command) throws IOException, InterruptedException {
        Path output = root.resolve("output");
        Process process = new ProcessBuilder(
                        "bash",
                        "-c",
                        ("set -euo pipefail; ROOT=%s; fail() { echo \"$*\" >&2; exit 1; }; say() { echo \"$*\"; };"
                                        + " for f in scripts/*.sh; do . $f; done; %s")
                                .formatted(root, command))
                .directory(PROJECT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start();
        return new Ran(process.waitFor(), Files.readString(output));
    }
}
