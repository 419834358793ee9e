package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The program is killed at any moment; the same again goes on, and a card is never called safe too early. */
class KilledTest {

    private static final int KILLS = Integer.getInteger("upshot.kills", 5);
    private static final long SEED = 271;

    /** What is killed: a whole offload with disks that a test gave. */
    static final class Child {

        private Child() {}

        public static void main(String[] words) throws IOException {
            Desk desk = new Desk(Path.of(words[0]));
            System.exit(Main.run(
                    desk.reports,
                    System.out,
                    false,
                    desk,
                    desk,
                    desk.card.toString(),
                    desk.first.toString(),
                    desk.second.toString(),
                    "--job",
                    "Kiln"));
        }
    }

    private static Process start(Path folder, Path said) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Child.class.getName(),
                        folder.toString())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
    }

    @Test
    void killed_at_any_moment(@TempDir(factory = InMemory.class) Path folder) throws Exception {
        Desk desk = new Desk(folder);
        for (int clip = 0; clip < 20; clip++) {
            desk.write("DCIM/A_%04d.MP4".formatted(clip), 1_500_000 + clip);
        }
        Map<String, String> card = Desk.state(desk.card);
        Path said = folder.resolve("said");
        long began = System.nanoTime();
        assertThat(start(folder, said).waitFor()).isEqualTo(Main.SAFE);
        long wholeMs = (System.nanoTime() - began) / 1_000_000;
        Random moments = new Random(SEED);
        int killed = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            if (kill % 3 == 0) {
                empty(desk.first);
                empty(desk.second);
            }
            empty(desk.reports);
            Process one = start(folder, said);
            if (!one.waitFor(1 + moments.nextLong(wholeMs), TimeUnit.MILLISECONDS)) {
                one.destroyForcibly().waitFor();
                if ((Files.readString(said) + reports(desk))
                        .matches("(?s).*(may be formatted|mayBeFormatted=true).*")) {
                    assertThat(Desk.state(desk.copy(desk.first)).keySet()).isEqualTo(card.keySet());
                    assertThat(Desk.state(desk.copy(desk.second)).keySet()).isEqualTo(card.keySet());
                } else {
                    killed++;
                }
            }
            assertThat(Desk.state(desk.card)).isEqualTo(card);
        }
        assertThat(killed).as("of %d", KILLS).isGreaterThan(KILLS / 3);
        assertThat(start(folder, said).waitFor()).isEqualTo(Main.SAFE);
        assertThat(Desk.state(desk.copy(desk.second)).keySet()).isEqualTo(card.keySet());
        assertThat(Desk.state(desk.card)).isEqualTo(card);
    }

    private static String reports(Desk desk) throws IOException {
        StringBuilder all = new StringBuilder();
        if (Files.isDirectory(desk.reports)) {
            try (var within = Files.list(desk.reports)) {
                for (Path one : within.filter(file -> file.toString().endsWith(".properties"))
                        .toList()) {
                    all.append(Files.readString(one));
                }
            }
        }
        return all.toString();
    }

    private static void empty(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (var within = Files.walk(folder)) {
            for (Path one : within.sorted(java.util.Comparator.reverseOrder()).toList()) {
                if (!one.equals(folder)) {
                    Files.delete(one);
                }
            }
        }
    }
}
