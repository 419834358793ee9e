package upshot.offload;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import upshot.offload.Listing.Held;

/** The hashes of a copy in a file beside it, as {@code sha256sum} writes and checks them. */
final class Manifest {

    private Manifest() {}

    /** @param card the name of the folder beside it */
    static byte[] of(Path card, List<Held> files, Map<Path, String> hashes) {
        ByteArrayOutputStream lines = new ByteArrayOutputStream();
        for (Held file : files) {
            lines.writeBytes(Names.manifestLine(hashes.get(file.name()), Names.bytes(card.resolve(file.name()))));
        }
        return lines.toByteArray();
    }

    /**
     * Writes it, safe on the disk when this returns. One that is there already must say nothing else of what it names.
     *
     * @throws Stopped when one is there that says something else
     */
    static void write(Copy copy, byte[] lines) throws IOException, Stopped, InterruptedException {
        Path file = copy.manifest();
        if (Files.exists(file, LinkOption.NOFOLLOW_LINKS) && !within(file, lines)) {
            throw new Stopped(
                    "%s says something else than the copy beside it, so one of them was changed. Move it away and run with --check."
                            .formatted(Names.shown(file)));
        }
        Files.deleteIfExists(copy.part());
        try (FileChannel out = FileChannel.open(
                copy.part(), StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS)) {
            ByteBuffer left = ByteBuffer.wrap(lines);
            while (left.hasRemaining()) {
                out.write(left);
            }
            out.force(true);
        }
        Files.move(copy.part(), file, StandardCopyOption.ATOMIC_MOVE);
        copy.settle();
    }

    /** A card that was filled further since has all the old lines, and more. */
    private static boolean within(Path file, byte[] lines) throws IOException {
        if (!Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS) || Files.size(file) > lines.length) {
            return false;
        }
        return lines(lines).containsAll(lines(Files.readAllBytes(file)));
    }

    private static Set<String> lines(byte[] bytes) {
        return new HashSet<>(List.of(new String(bytes, StandardCharsets.ISO_8859_1).split("\n")));
    }
}
