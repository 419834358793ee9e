package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** File systems of their own, in images, where this machine lets one mount them. */
class ImagesTest {

    private static final String LOOP = "mount -o loop";
    private static final String FUSE = "mount.exfat-fuse";

    @TempDir
    Path folder;

    private Desk desk;

    @BeforeEach
    void shoot() throws IOException {
        desk = new Desk(folder).shot();
    }

    @AfterEach
    void unmount() throws Exception {
        run("umount", desk.second.toString());
        run(
                "bash",
                "-c",
                "losetup -n -O NAME -j \"$0\" | xargs -r losetup -d",
                folder.resolve("image").toString());
    }

    private static boolean run(String... words) throws IOException, InterruptedException {
        try {
            Process process = new ProcessBuilder(words)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return process.waitFor(1, TimeUnit.MINUTES) && process.exitValue() == 0;
        } catch (IOException notInstalled) {
            return false;
        }
    }

    private static String[] with(String[] words, Path... paths) {
        return Stream.concat(Stream.of(words), Stream.of(paths).map(Path::toString))
                .toArray(String[]::new);
    }

    private void mount(int megabytes, String mount, String... make) throws Exception {
        Path image = folder.resolve("image");
        assumeTrue(run("truncate", "-s", megabytes + "M", image.toString()), "no image");
        assumeTrue(run(with(make, image)), "this machine cannot make such a file system");
        String[] words = mount.equals(FUSE)
                ? with(
                        new String[] {"bash", "-c", FUSE + " \"$(losetup -f --show \"$0\")\" \"$1\""},
                        image,
                        desk.second)
                : with(mount.split(" "), image, desk.second);
        assumeTrue(run(words), "this machine does not mount such a file system");
    }

    /** What it reads back is truly read past memory here, or said not to be. */
    @ParameterizedTest
    @CsvSource({"mkfs.ext4 -q,mount -o loop", "mkfs.exfat,mount -o loop", "mkfs.exfat,mount.exfat-fuse"})
    void a_copy_on_another_file_system_is_verified(String make, String mount) throws Exception {
        mount(64, mount, make.split(" "));
        int code = Main.run(
                desk.reports,
                System.out,
                false,
                Reader.SYSTEM,
                desk,
                desk.card.toString(),
                desk.first.toString(),
                desk.second.toString(),
                "--job",
                "Kiln");
        boolean direct;
        try (Reader.Opened in = Reader.SYSTEM.open(desk.copy(desk.second).resolve("DCIM/100/A_0001.MP4"))) {
            in.read(Chunks.aligned());
            direct = in.pastMemory();
        }
        boolean directHere;
        try (Reader.Opened in = Reader.SYSTEM.open(desk.card.resolve("DCIM/100/A_0001.MP4"))) {
            in.read(Chunks.aligned());
            directHere = in.pastMemory();
        }
        assertThat(code).isEqualTo(direct && directHere ? Main.SAFE : Main.NOT_YET_SAFE);
        assertThat(direct).as(mount).isEqualTo(mount.equals(LOOP));
    }

    @Test
    void a_disk_that_is_too_small_is_seen_beforehand() throws Exception {
        mount(12, LOOP, "mkfs.ext4", "-q");
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("free, and 13.2 MB are wanted. Nothing was copied.");
        assertThat(desk.opened).isEmpty();
    }

    @Test
    void a_disk_that_fills_up_meanwhile_keeps_what_is_whole() throws Exception {
        mount(32, LOOP, "mkfs.ext4", "-q");
        Path filler = desk.second.resolve("filler");
        desk.fault = (file, content, at) -> {
            if (file.endsWith("A_0002.MP4") && !Files.exists(filler)) {
                fill(filler);
            }
            return content;
        };
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("did not take the copy: No space left on device");
        assertThat(desk.copy(desk.second).resolve("DCIM/100/A_0001.MP4"))
                .hasSameBinaryContentAs(desk.card.resolve("DCIM/100/A_0001.MP4"));
        desk.fault = (file, content, at) -> content;
        Files.delete(filler);
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
    }

    private static void fill(Path filler) throws IOException {
        byte[] zeros = new byte[1 << 20];
        try (var out = Files.newOutputStream(filler)) {
            while (true) {
                out.write(zeros);
            }
        } catch (IOException full) {
            assertThat(full).hasMessageContaining("No space left");
        }
    }

    @Test
    void a_disk_that_takes_capitals_for_small_letters_is_not_enough() throws Exception {
        desk.write("DCIM/100/a_0003.mp4", 1);
        mount(64, LOOP, "mkfs.ext4", "-q", "-O", "casefold", "-E", "encoding=utf8");
        Files.createDirectories(desk.second.resolve("Kiln"));
        assumeTrue(run("chattr", "+F", desk.second.resolve("Kiln").toString()), "no folded names here");
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("takes the name of another file of the card for the same");
    }
}
