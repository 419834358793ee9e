package upshot.offload;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;

/**
 * What the application is told of an offload: a small file of its own for each card of a job, put in place whole. It also
 * remembers how often a disk had been put in when it was last written or read.
 */
final class Report {

    private static final long LARGEST = 1 << 16;

    private final Path file;
    private final Properties told = new Properties();
    private final Map<String, String> earlier = new HashMap<>();

    /**
     * Reads what is remembered of this card.
     *
     * @param folder made where it is not there yet
     */
    Report(Path folder, Order order) throws IOException {
        Files.createDirectories(folder);
        Hasher name = new Hasher();
        name.feed(StandardCharsets.UTF_8.encode(order.job() + "/" + order.as()));
        this.file = folder.resolve(name.end() + ".properties");
        if (Files.exists(file) && Files.size(file) <= LARGEST) {
            Properties before = new Properties();
            try (BufferedReader in = Files.newBufferedReader(file)) {
                before.load(in);
            } catch (IllegalArgumentException broken) {
                before.clear();
            }
            before.stringPropertyNames().stream()
                    .filter(key -> key.startsWith("inserted."))
                    .forEach(key -> earlier.put(key, before.getProperty(key)));
        }
        told.putAll(earlier);
        told.setProperty("job", order.job());
        told.setProperty("card", order.as());
        told.setProperty("began", Instant.now().toString());
        told.setProperty("process", Long.toString(ProcessHandle.current().pid()));
    }

    /** How often the disk of a folder had been put in, when it was last written or read; empty where nobody knows. */
    String inserted(Path folder) {
        return earlier.getOrDefault("inserted." + folder, "");
    }

    void nowInserted(Path folder, Disk disk) {
        told.setProperty("inserted." + folder, disk.inserted());
    }

    void size(int files, long bytes) {
        told.setProperty("files", Integer.toString(files));
        told.setProperty("bytes", Long.toString(bytes));
    }

    void stands(Progress.Phase phase, long done, long all, double leftS) throws IOException {
        told.setProperty("state", phase.name());
        told.setProperty("done", Long.toString(done));
        told.setProperty("all", Long.toString(all));
        told.setProperty("leftS", Long.toString(Math.round(leftS)));
        save();
    }

    void stopped(String why) throws IOException {
        told.setProperty("state", "STOPPED");
        told.setProperty("why", why);
        save();
    }

    void ended(Outcome outcome) throws IOException {
        told.setProperty("state", "ENDED");
        List<Outcome.Read> copies = outcome.copies();
        told.setProperty("copies", Integer.toString(copies.size()));
        for (int copy = 0; copy < copies.size(); copy++) {
            told.setProperty("copy." + copy, copies.get(copy).name());
            told.setProperty(
                    "verified." + copy, Boolean.toString(copies.get(copy).proven()));
        }
        told.setProperty("mayBeFormatted", Boolean.toString(outcome.mayBeFormatted()));
        told.setProperty("why", String.join("\n", outcome.reasons()));
        save();
    }

    private void save() throws IOException {
        told.setProperty("at", Instant.now().toString());
        Path fresh = file.resolveSibling(file.getFileName() + ".part");
        try (BufferedWriter out = Files.newBufferedWriter(fresh)) {
            told.store(out, null);
        }
        Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }
}
