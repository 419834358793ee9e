package upshot.offload;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import upshot.offload.Chunks.Chunk;
import upshot.offload.Listing.Held;

/** The first pass: each file is read once, and while it comes it is hashed and written to every disk that lacks it. */
final class Copying implements AutoCloseable {

    private static final int IN_FLIGHT = 8;
    /** Smaller files are settled all together at the end. */
    private static final long SETTLED_ALONE_BYTES = 1 << 20;

    /** A whole number of pieces. */
    private static final long SETTLED_EACH_BYTES = 16L * Chunks.BYTES;

    private final Path card;
    private final Reader reader;
    private final Progress progress;
    private final Chunks chunks = new Chunks(IN_FLIGHT);
    private final Hasher hasher = new Hasher();
    private final Worker hashing = new Worker();
    private final Map<Copy, Worker> writing = new HashMap<>();

    Copying(Path card, List<Copy> copies, Reader reader, Progress progress) {
        this.card = card;
        this.reader = reader;
        this.progress = progress;
        copies.forEach(copy -> writing.put(copy, new Worker()));
    }

    /**
     * Copies what is missing.
     *
     * @param missing by copy
     * @return the hash of each file that was read
     * @throws Stopped when the card or a disk gives up
     */
    Map<Path, String> all(Listing listing, Map<Copy, List<Held>> missing) throws Stopped, InterruptedException {
        Map<Copy, Set<Path>> lacks = new HashMap<>();
        missing.forEach((copy, files) ->
                lacks.put(copy, new HashSet<>(files.stream().map(Held::name).toList())));
        List<Held> todo = listing.files().stream()
                .filter(file -> lacks.values().stream().anyMatch(names -> names.contains(file.name())))
                .toList();
        progress.begin(
                Progress.Phase.COPYING, todo.stream().mapToLong(Held::bytes).sum());
        Map<Path, String> hashes = new HashMap<>();
        for (Held file : todo) {
            List<Copy> wanting = writing.keySet().stream()
                    .filter(copy -> lacks.get(copy).contains(file.name()))
                    .toList();
            hashes.put(file.name(), one(file, wanting));
        }
        return hashes;
    }

    private String one(Held file, List<Copy> wanting) throws Stopped, InterruptedException {
        Map<Copy, FileChannel> parts = new HashMap<>();
        try {
            for (Copy copy : wanting) {
                parts.put(copy, begun(copy));
            }
            long got = stream(file, parts);
            if (got != file.bytes()) {
                throw new Stopped(
                        "The card said that %s has %d bytes, and gave %d. Put it in again, and run the same again."
                                .formatted(Names.shown(file.name()), file.bytes(), got));
            }
            for (Copy copy : wanting) {
                arrived(copy, parts.get(copy), file);
            }
            return hasher.end();
        } finally {
            parts.values().forEach(Copying::quietly);
        }
    }

    private static FileChannel begun(Copy copy) throws Stopped {
        try {
            Files.deleteIfExists(copy.part());
            return FileChannel.open(
                    copy.part(), StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
        } catch (IOException broken) {
            throw onDisk(copy, broken);
        }
    }

    private static void arrived(Copy copy, FileChannel part, Held file) throws Stopped {
        try {
            part.close();
            copy.comeIn(file);
        } catch (IOException broken) {
            throw onDisk(copy, broken);
        }
    }

    /** How many bytes the card gave. */
    private long stream(Held file, Map<Copy, FileChannel> parts) throws Stopped, InterruptedException {
        long got = 0;
        parts.keySet().forEach(copy -> writing.get(copy).begin());
        try (Reader.Opened in = reader.open(card.resolve(file.name()))) {
            int read = -1;
            while (read != 0
                    && parts.keySet().stream()
                            .noneMatch(copy -> writing.get(copy).failed())) {
                Chunk chunk = chunks.take();
                read = in.read(chunk.empty());
                chunk.givenTo(1 + parts.size());
                hashing.give(chunk, hasher::feed);
                parts.forEach((copy, part) -> writing.get(copy).give(chunk, content -> write(part, content)));
                got += read;
                progress.more(read);
            }
            hashing.end();
        } catch (IOException broken) {
            throw new Stopped(
                    "The card could not be read at %s: %s. Nothing on it was changed. Put it in again, and run the same again: what is copied stays."
                            .formatted(Names.shown(file.name()), why(broken)),
                    broken);
        }
        if (file.bytes() >= SETTLED_ALONE_BYTES) {
            parts.forEach((copy, part) -> writing.get(copy).then(() -> part.force(true)));
        }
        for (Copy copy : parts.keySet()) {
            try {
                writing.get(copy).end();
            } catch (IOException broken) {
                throw onDisk(copy, broken);
            }
        }
        return got;
    }

    private static void write(FileChannel part, ByteBuffer content) throws IOException {
        while (content.hasRemaining()) {
            part.write(content);
        }
        // What is settled while the card is still being read need not be waited for at the end.
        if (part.position() % SETTLED_EACH_BYTES == 0) {
            part.force(false);
        }
    }

    private static Stopped onDisk(Copy copy, IOException broken) {
        return new Stopped(
                "%s did not take the copy: %s. What is whole stays; the card was not changed."
                        .formatted(copy, why(broken)),
                broken);
    }

    /** The system's own words without the path before them. */
    static String why(IOException broken) {
        String reason = broken instanceof FileSystemException file ? file.getReason() : broken.getMessage();
        if (broken instanceof NoSuchFileException) {
            return "it is not there any more";
        }
        return reason == null ? broken.getClass().getSimpleName() : reason.replaceAll("\\p{Cntrl}", " ");
    }

    private static void quietly(FileChannel part) {
        try {
            part.close();
        } catch (IOException broken) {
            // What it held is not counted on: whole files are closed before they come in.
        }
    }

    @Override
    public void close() {
        hashing.close();
        writing.values().forEach(Worker::close);
    }
}
