package upshot.app.handoff;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import upshot.app.job.Watched;

/** What {@code ./upshot offload} tells of cards, in small files that it leaves beside the application's data. */
@Component
class Offloads implements Watched {

    private static final int MOST_REPORTS = 500;
    private static final long LARGEST_REPORT = 1 << 16;
    private static final int ID_LETTERS = 8;
    /** It writes twice a second while it works. */
    private static final Duration SILENT = Duration.ofMinutes(2);

    private final String folder;

    Offloads(@Value("${upshot.offloads:}") String folder) {
        this.folder = folder;
    }

    /**
     * A card as its offload left it.
     *
     * @param percent of the pass under way, −1 where none is
     * @param mayBeFormatted only where the offload has said so
     * @param readFrom when the card began to be read; what it holds since then is not known
     * @param why what stands in the way of that, or why it stopped
     * @param copies folders in which it was found equal to the card
     */
    record Offload(
            String card,
            State state,
            int files,
            long bytes,
            int percent,
            boolean mayBeFormatted,
            String why,
            List<Path> copies,
            Instant readFrom,
            Instant at) {

        /** Whether the word still stands: nothing was rolled since the card was read, as far as the log knows. */
        boolean stillHoldsWhatWasRead(Optional<Instant> lastTake) {
            return lastTake.isEmpty() || lastTake.get().isBefore(readFrom);
        }
    }

    /** Where an offload is. */
    enum State {
        COPYING,
        READING_BACK,
        ENDED,
        STOPPED
    }

    /** The folder of a job's copies, as it stands behind {@code --job}: its name, and what tells it from others of that name. */
    static String jobFolder(UUID jobId, String name) {
        String plain = name.replaceAll("[^\\p{L}\\p{N} _.-]", "").replaceFirst("^[ .]+", "");
        return "%s-%s".formatted(plain.isBlank() ? "job" : plain.strip(), id(jobId));
    }

    private static String id(UUID jobId) {
        return jobId.toString().substring(0, ID_LETTERS);
    }

    /** Another text where an open page has something else to show. */
    @Override
    public String state(UUID jobId) {
        record Seen(String card, State state, int percent, boolean mayBeFormatted, Instant readFrom) {}
        int seen = of(jobId).stream()
                .map(one -> new Seen(one.card(), one.state(), one.percent(), one.mayBeFormatted(), one.readFrom()))
                .toList()
                .toString()
                .hashCode();
        return Integer.toHexString(seen);
    }

    /** The cards of a job, by name; reports that cannot be read say nothing. */
    List<Offload> of(UUID jobId) {
        List<Offload> found = new ArrayList<>();
        Path reports = Path.of(folder);
        if (folder.isEmpty() || !Files.isDirectory(reports)) {
            return found;
        }
        try (DirectoryStream<Path> each = Files.newDirectoryStream(reports, "*.properties")) {
            int number = 0;
            for (Path file : each) {
                if (number++ < MOST_REPORTS) {
                    read(file, "-" + id(jobId), found);
                }
            }
        } catch (IOException unreadable) {
            return List.of();
        }
        found.sort(Comparator.comparing(Offload::card));
        return found;
    }

    private static void read(Path file, String job, List<Offload> found) {
        Properties told = new Properties();
        try {
            if (!Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS) || Files.size(file) > LARGEST_REPORT) {
                return;
            }
            try (BufferedReader in = Files.newBufferedReader(file)) {
                told.load(in);
            }
            if (told.getProperty("job", "").endsWith(job)) {
                found.add(offload(told));
            }
        } catch (IOException | IllegalArgumentException | DateTimeParseException broken) {
            // A report that is being replaced or was damaged says nothing; the offload itself goes on.
        }
    }

    private static Offload offload(Properties told) {
        State state = State.valueOf(told.getProperty("state", "STOPPED"));
        Instant at = Instant.parse(told.getProperty("at", ""));
        boolean works = state == State.COPYING || state == State.READING_BACK;
        boolean silent = works && at.isBefore(Instant.now().minus(SILENT));
        long all = number(told, "all");
        List<Path> copies = new ArrayList<>();
        for (int copy = 0; copy < number(told, "copies"); copy++) {
            copies.add(Path.of(told.getProperty("copy." + copy, "")));
        }
        return new Offload(
                told.getProperty("card", ""),
                silent ? State.STOPPED : state,
                (int) number(told, "files"),
                number(told, "bytes"),
                works && !silent ? (int) (all == 0 ? 100 : 100 * number(told, "done") / all) : -1,
                state == State.ENDED && Boolean.parseBoolean(told.getProperty("mayBeFormatted", "false")),
                silent ? "It was interrupted. The same command goes on." : told.getProperty("why", ""),
                copies,
                Instant.parse(told.getProperty("began", Instant.EPOCH.toString())),
                at);
    }

    private static long number(Properties told, String key) {
        return Long.parseLong(told.getProperty(key, "0"));
    }
}
