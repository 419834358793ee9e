package upshot.offload;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import upshot.offload.Listing.Held;

/** The second pass: the card and every copy are read from beginning to end, side by side, each by a thread of its own. */
final class ReadingBack {

    private final Reader reader;
    private final Progress progress;

    ReadingBack(Reader reader, Progress progress) {
        this.reader = reader;
        this.progress = progress;
    }

    /**
     * What was read.
     *
     * @param hashes of each file
     * @param pastMemory whether all of it came from the disk for sure
     */
    record Hashed(Map<Path, String> hashes, boolean pastMemory) {}

    /**
     * A place that is read.
     *
     * @param name in a sentence, "The card"
     */
    record Place(String name, Path folder, List<Held> files) {}

    /**
     * Reads some places.
     *
     * @return as they were given
     * @throws Stopped when one cannot be read
     */
    List<Hashed> all(List<Place> places) throws Stopped, InterruptedException {
        progress.begin(
                Progress.Phase.READING_BACK,
                places.stream()
                        .flatMap(place -> place.files().stream())
                        .mapToLong(Held::bytes)
                        .sum());
        ExecutorService threads = Executors.newFixedThreadPool(places.size());
        try {
            List<Future<Hashed>> going = new ArrayList<>();
            for (Place place : places) {
                going.add(threads.submit(() -> one(place)));
            }
            List<Hashed> read = new ArrayList<>();
            for (Future<Hashed> each : going) {
                read.add(each.get());
            }
            return read;
        } catch (ExecutionException broken) {
            if (broken.getCause() instanceof Stopped stopped) {
                throw stopped;
            }
            throw new IllegalStateException(broken.getCause());
        } finally {
            threads.shutdownNow();
        }
    }

    private Hashed one(Place place) throws Stopped {
        Map<Path, String> hashes = new HashMap<>();
        boolean past = true;
        ByteBuffer piece = Chunks.aligned();
        Hasher hasher = new Hasher();
        for (Held file : place.files()) {
            try (Reader.Opened in = reader.open(place.folder().resolve(file.name()))) {
                int read;
                while ((read = in.read(piece.clear())) > 0) {
                    hasher.feed(piece.flip());
                    progress.more(read);
                    if (Thread.interrupted()) {
                        throw new Stopped("Stopped.");
                    }
                }
                past &= in.pastMemory();
            } catch (IOException broken) {
                throw new Stopped(
                        "%s could not be read at %s: %s. Nothing was changed."
                                .formatted(place.name(), Names.shown(file.name()), Copying.why(broken)),
                        broken);
            }
            hashes.put(file.name(), hasher.end());
        }
        return new Hashed(hashes, past);
    }
}
