package upshot.offload;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.AnnotatedElementContext;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.io.TempDirFactory;

/** Folders in memory where there are some: waiting for a disk proves nothing in a test that says what the disk did. */
final class InMemory implements TempDirFactory {

    private static final Path MEMORY = Path.of("/dev/shm");

    @Override
    public Path createTempDirectory(AnnotatedElementContext element, ExtensionContext test) throws IOException {
        return Files.isWritable(MEMORY)
                ? Files.createTempDirectory(MEMORY, "offload")
                : Files.createTempDirectory("offload");
    }
}
