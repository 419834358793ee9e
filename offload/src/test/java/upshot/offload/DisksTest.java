package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A machine with a stick, a reader of two slots, a disk of two partitions, an encrypted one, an image and a network. */
class DisksTest {

    private Path sys;
    private final Map<Path, Long> numbers = new HashMap<>();
    private Disks disks;

    @BeforeEach
    void machine(@TempDir Path folder) throws IOException {
        sys = folder.toRealPath();
        disk("sda", "target0", 8, 0, "4");
        part("sda", "sda1", 8, 1);
        part("sda", "sda2", 8, 2);
        disk("sdb", "reader/slot0", 8, 16, "5");
        disk("sdc", "reader/slot1", 8, 32, "6");
        disk("nvme0n1", "nvme0", 259, 0, "1");
        disk("nvme0n2", "nvme0", 259, 1, "2");
        Path mapped = block("dm-0", 253, 0);
        Files.createDirectories(mapped.resolve("slaves"));
        Files.createSymbolicLink(mapped.resolve("slaves/sda2"), sys.resolve("devices/sda/sda2"));
        block("loop0", 7, 0);
        block("zram0", 252, 0);
        numbers.put(Path.of("/net"), number(0, 57));
        disks = new Disks(sys, path -> {
            if (!numbers.containsKey(path)) {
                throw new IOException("not there");
            }
            return numbers.get(path);
        });
    }

    private static long number(long major, long minor) {
        return (major & 0xfff) << 8 | minor & 0xff | (minor & ~0xffL) << 12 | (major & ~0xfffL) << 32;
    }

    private Path block(String name, int major, int minor) throws IOException {
        Path block = Files.createDirectories(sys.resolve("devices").resolve(name));
        listed(block, name, major, minor);
        return block;
    }

    private void listed(Path block, String name, int major, int minor) throws IOException {
        Path list = Files.createDirectories(sys.resolve("dev/block"));
        Files.createSymbolicLink(list.resolve(major + ":" + minor), block);
        numbers.put(Path.of("/", name), number(major, minor));
    }

    private void disk(String name, String hardware, int major, int minor, String count) throws IOException {
        Path block = block(name, major, minor);
        Files.createSymbolicLink(
                block.resolve("device"),
                Files.createDirectories(sys.resolve("hardware").resolve(hardware)));
        Files.writeString(block.resolve("diskseq"), count + "\n");
    }

    private void part(String disk, String name, int major, int minor) throws IOException {
        Path block =
                Files.createDirectories(sys.resolve("devices").resolve(disk).resolve(name));
        Files.writeString(block.resolve("partition"), "1\n");
        listed(block, name, major, minor);
    }

    private boolean different(String one, String other) {
        Disk first = disks.of(Path.of("/", one));
        Disk second = disks.of(Path.of("/", other));
        assertThat(first.otherThan(second)).isEqualTo(second.otherThan(first));
        return first.otherThan(second);
    }

    @Test
    void two_partitions_are_one_disk() {
        assertThat(different("sda1", "sda2")).isFalse();
        assertThat(different("sda1", "sda")).isFalse();
        assertThat(different("sda1", "sdb")).isTrue();
    }

    @Test
    void two_slots_of_a_reader_hold_two_cards() {
        assertThat(different("sdb", "sdc")).isTrue();
    }

    @Test
    void what_is_made_of_a_disk_is_that_disk() {
        assertThat(different("dm-0", "sda1")).isFalse();
        assertThat(different("dm-0", "sdb")).isTrue();
        assertThat(different("nvme0n1", "nvme0n2")).isFalse();
    }

    @Test
    void what_is_not_known_is_never_another() {
        for (String unknown : new String[] {"net", "loop0", "zram0", "nowhere"}) {
            assertThat(disks.of(Path.of("/", unknown))).isEqualTo(Disk.UNKNOWN);
            assertThat(different(unknown, "sda1")).isFalse();
            assertThat(different(unknown, unknown)).isFalse();
        }
    }

    @Test
    void putting_in_again_is_counted() throws IOException {
        Disk before = disks.of(Path.of("/sdb"));
        assertThat(before.inserted()).isEqualTo("sdb=5");
        assertThat(disks.of(Path.of("/sdb")).putInAgainSince(before.inserted())).isFalse();
        Files.writeString(sys.resolve("devices/sdb/diskseq"), "9\n");
        assertThat(disks.of(Path.of("/sdb")).putInAgainSince(before.inserted())).isTrue();
        assertThat(disks.of(Path.of("/sdb")).putInAgainSince(""))
                .as("never seen before")
                .isFalse();
        assertThat(disks.of(Path.of("/net")).putInAgainSince(before.inserted())).isFalse();
    }
}
