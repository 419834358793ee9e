package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** What takes minutes and gigabytes; {@code ./upshot torment} runs it. */
@EnabledIfSystemProperty(named = "upshot.large", matches = "true")
class ManyAndLargeTest {

    private static final int MANY = 100_000;
    private static final long PAST_FOUR_GIB = (4L << 30) + 4097;

    @Test
    void a_hundred_thousand_small_files(@TempDir(factory = InMemory.class) Path folder) throws IOException {
        Desk desk = new Desk(folder);
        for (int i = 0; i < MANY; i++) {
            Path file = desk.card.resolve("S/%02d/%05d.XML".formatted(i / 1000, i));
            Files.createDirectories(file.getParent());
            Files.writeString(file, Integer.toString(i));
        }
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        assertThat(desk.said()).contains("all 100000 files equal");
    }

    @Test
    void a_file_past_four_gibibytes(@TempDir Path folder) throws IOException {
        Desk desk = new Desk(folder);
        try (RandomAccessFile clip =
                new RandomAccessFile(desk.card.resolve("LONG.MOV").toFile(), "rw")) {
            clip.setLength(PAST_FOUR_GIB);
            clip.seek(PAST_FOUR_GIB - 1);
            clip.write(1);
        }
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        assertThat(desk.copy(desk.second).resolve("LONG.MOV")).hasSize(PAST_FOUR_GIB);
    }
}
