package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A card that was shot and two disks, and what must be so however an offload ends. */
abstract class OnDesk {

    Desk desk;
    Map<String, String> card;

    @BeforeEach
    void shoot(@TempDir(factory = InMemory.class) Path folder) throws IOException {
        desk = new Desk(folder).shot();
        card = Desk.state(desk.card);
    }

    void cardIsAsItWas() {
        assertThat(Desk.state(desk.card)).isEqualTo(card);
    }

    void accepted(Path disk) throws IOException, InterruptedException {
        Process check = new ProcessBuilder("sha256sum", "--check", "--strict", "--quiet", "A1.sha256")
                .directory(disk.resolve("Kiln").toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(check.getInputStream().readAllBytes());
        assertThat(check.waitFor(1, TimeUnit.MINUTES)).isTrue();
        assertThat(check.exitValue()).as(said).isZero();
    }
}
