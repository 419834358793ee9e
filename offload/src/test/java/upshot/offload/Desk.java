package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** A card and two disks in folders, a reader that can be made to fail, and hardware that is what a test says. */
final class Desk implements Reader, Hardware {

    private static final Map<String, byte[]> CONTENTS = new HashMap<>();

    static final String SAFE = "A1 may be formatted.";

    final Path card;
    final Path first;
    final Path second;
    final Path reports;
    final Map<Path, Disk> disks = new TreeMap<>();
    final List<Path> opened = new ArrayList<>();
    /** Files written here may lie in memory, where directly reading them would say otherwise on some machines. */
    boolean pastMemory = true;

    Fault fault = (file, content, at) -> content;
    private String said = "";

    /** What goes wrong while something is read. */
    interface Fault {
        /** What a reading gives that would have given this, from a place in a file. */
        byte[] on(Path file, byte[] content, long at) throws IOException;
    }

    Desk(Path folder) throws IOException {
        Path real = folder.toRealPath();
        card = Files.createDirectories(real.resolve("A1"));
        first = Files.createDirectories(real.resolve("first"));
        second = Files.createDirectories(real.resolve("second"));
        reports = real.resolve("reports");
        disks.put(card, disk("card", "1"));
        disks.put(first, disk("first", "1"));
        disks.put(second, disk("second", "1"));
    }

    static Disk disk(String device, String inserted) {
        return new Disk(Set.of(device), inserted);
    }

    /** A card of three clips, one of some pieces, and a list. */
    Desk shot() throws IOException {
        write("DCIM/100/A_0001.MP4", 9_000_001);
        write("DCIM/100/A_0002.MP4", 4_194_304);
        write("DCIM/100/A_0003.MP4", 1);
        write("DCIM/empty.txt", 0);
        Files.createDirectories(card.resolve("MISC/nothing"));
        return this;
    }

    void write(String name, int bytes) throws IOException {
        byte[] content = CONTENTS.computeIfAbsent(name + bytes, key -> {
            byte[] made = new byte[bytes];
            new Random(key.hashCode()).nextBytes(made);
            return made;
        });
        Path file = card.resolve(name);
        Files.createDirectories(file.getParent());
        Files.write(file, content);
        Files.setLastModifiedTime(file, FileTime.fromMillis(1_790_000_000_000L + bytes));
    }

    int offload(String... more) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<String> typed = new ArrayList<>(List.of(card.toString(), first.toString(), second.toString()));
        typed.addAll(List.of("--job", "Kiln"));
        typed.addAll(Arrays.asList(more));
        int code = Main.run(
                reports,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                false,
                this,
                this,
                typed.toArray(String[]::new));
        said = out.toString(StandardCharsets.UTF_8);
        assertThat(said.contains("may be formatted")).as(said).isEqualTo(code == Main.SAFE);
        return code;
    }

    String said() {
        return said;
    }

    Path copy(Path disk) {
        return disk.resolve("Kiln/A1");
    }

    /** Another bit in the middle of a file, and the same times as before. */
    static void flip(Path file) throws IOException {
        byte[] content = Files.readAllBytes(file);
        FileTime changed = Files.getLastModifiedTime(file);
        content[content.length / 2] ^= 4;
        Files.write(file, content);
        Files.setLastModifiedTime(file, changed);
    }

    /** Everything in a folder: names, contents and times. */
    static Map<String, String> state(Path folder) {
        Map<String, String> state = new TreeMap<>();
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.toList()) {
                Hasher hasher = new Hasher();
                if (Files.isRegularFile(one, LinkOption.NOFOLLOW_LINKS)) {
                    hasher.feed(ByteBuffer.wrap(Files.readAllBytes(one)));
                }
                state.put(
                        folder.relativize(one).toUri().getRawPath(),
                        hasher.end() + Files.getAttribute(one, "lastModifiedTime", LinkOption.NOFOLLOW_LINKS));
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return state;
    }

    @Override
    public Disk of(Path path) {
        return disks.entrySet().stream()
                .filter(one -> path.startsWith(one.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(Disk.UNKNOWN);
    }

    @Override
    public Opened open(Path file) throws IOException {
        synchronized (opened) {
            opened.add(file);
        }
        Opened real = Reader.SYSTEM.open(file);
        return new Opened() {
            private long at;

            @Override
            public int read(ByteBuffer into) throws IOException {
                real.read(into);
                byte[] content = new byte[into.flip().remaining()];
                into.get(content);
                byte[] given = fault.on(file, content, at);
                at += content.length;
                into.clear().put(given);
                return given.length;
            }

            @Override
            public boolean pastMemory() {
                return pastMemory;
            }

            @Override
            public void close() throws IOException {
                real.close();
            }
        };
    }
}
