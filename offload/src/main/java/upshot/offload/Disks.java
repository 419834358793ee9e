package upshot.offload;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which hardware a file lies on, by what Linux says of its block devices: a partition lies on its disk, a mapping on what it
 * is made of. A network, a mounted image or a file system over several disks says nothing.
 */
final class Disks implements Hardware {

    private static final int DEEPEST = 8;

    private final Path sys;
    private final Numbers numbers;

    /** The number of the device that a file lies on, as the system packs it. */
    interface Numbers {
        long of(Path path) throws IOException;
    }

    Disks(Path sys, Numbers numbers) {
        this.sys = sys;
        this.numbers = numbers;
    }

    /** Those of this machine. */
    static Disks here() {
        return new Disks(Path.of("/sys"), path -> ((Number) Files.getAttribute(path, "unix:dev")).longValue());
    }

    @Override
    public Disk of(Path path) {
        Set<String> devices = new HashSet<>();
        Set<String> inserted = new TreeSet<>();
        try {
            return collect(path, devices, inserted, 0) ? new Disk(devices, String.join(" ", inserted)) : Disk.UNKNOWN;
        } catch (IOException | UncheckedIOException | UnsupportedOperationException | IllegalArgumentException none) {
            return Disk.UNKNOWN;
        }
    }

    private boolean collect(Path path, Set<String> devices, Set<String> inserted, int depth) throws IOException {
        long number = numbers.of(path);
        long major = number >> 8 & 0xfff | number >> 32 & ~0xfffL;
        long minor = number & 0xff | number >> 12 & ~0xffL;
        Path block = sys.resolve("dev/block/%d:%d".formatted(major, minor));
        return major != 0 && Files.exists(block) && whole(block.toRealPath(), devices, inserted, depth);
    }

    private boolean whole(Path block, Set<String> devices, Set<String> inserted, int depth) throws IOException {
        if (depth > DEEPEST) {
            return false;
        }
        Path disk = Files.exists(block.resolve("partition")) ? block.getParent() : block;
        List<Path> madeOf = within(disk.resolve("slaves"));
        if (!madeOf.isEmpty()) {
            boolean all = true;
            for (Path one : madeOf) {
                all &= whole(one.toRealPath(), devices, inserted, depth + 1);
            }
            return all;
        }
        Path hardware = disk.resolve("device");
        if (!Files.exists(hardware)) {
            return false;
        }
        devices.add(hardware.toRealPath().toString());
        Path count = disk.resolve("diskseq");
        if (Files.exists(count)) {
            inserted.add(disk.getFileName() + "=" + Files.readString(count).strip());
        }
        return true;
    }

    private static List<Path> within(Path folder) throws IOException {
        List<Path> within = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> each = Files.newDirectoryStream(folder)) {
                each.forEach(within::add);
            }
        }
        return within;
    }
}
