package upshot.offload;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import upshot.offload.Listing.Held;
import upshot.offload.Listing.Odd;

/**
 * A card's copy on a disk: {@code DISK/JOB/CARD} with {@code DISK/JOB/CARD.sha256} beside it. Nothing in it is ever
 * overwritten or removed; a file is written under another name beside it and comes in when it is whole.
 */
final class Copy implements AutoCloseable {

    private static final int PATIENCE_MIN = 30;

    private final Path disk;
    private final Path job;
    private final Path folder;
    private final Path part;
    private final Path lockFile;
    private FileChannel lock;

    Copy(Path disk, String job, String card) {
        this.disk = disk;
        this.job = disk.resolve(job);
        this.folder = this.job.resolve(card);
        this.part = this.job.resolve("." + card + ".upshot-part");
        this.lockFile = this.job.resolve("." + card + ".upshot-lock");
    }

    Path folder() {
        return folder;
    }

    /** A file that is on its way. */
    Path part() {
        return part;
    }

    Path manifest() {
        return job.resolve(folder.getFileName() + ".sha256");
    }

    /** Makes the folder, and keeps others out of it while this one works. */
    void open() throws IOException, Stopped {
        for (Path one : List.of(job, folder)) {
            if (!Files.isDirectory(one, LinkOption.NOFOLLOW_LINKS)) {
                if (Files.exists(one, LinkOption.NOFOLLOW_LINKS)) {
                    throw new Stopped(
                            Names.shown(one) + " is no folder. Move it away, or choose another name with --as.");
                }
                Files.createDirectory(one);
            }
        }
        FileChannel mark = FileChannel.open(
                lockFile, StandardOpenOption.CREATE, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
        if (!locked(mark)) {
            mark.close();
            throw new Stopped("Another ./upshot offload works in " + Names.shown(folder) + ". Wait for it to end.");
        }
        lock = mark;
    }

    private static boolean locked(FileChannel mark) throws IOException {
        try {
            return mark.tryLock() != null;
        } catch (OverlappingFileLockException here) {
            return false;
        }
    }

    /** What lies in it. */
    Listing listing() throws IOException, Stopped {
        try {
            return Listing.of(folder);
        } catch (NoSuchFileException gone) {
            throw new Stopped("There is no copy at " + Names.shown(folder) + ".", gone);
        }
    }

    /**
     * The files of a card that are still to be copied. Everything there has to be of this card.
     *
     * @throws Stopped when something else lies there
     */
    List<Held> missing(Listing card, Listing here) throws Stopped {
        Map<Path, Held> onCard = new HashMap<>();
        card.files().forEach(file -> onCard.put(file.name(), file));
        for (Odd odd : here.odd()) {
            throw new Stopped("%s %s. Move it away and try again.".formatted(shown(odd.name()), odd.why()));
        }
        Map<Path, Held> there = new HashMap<>();
        for (Held file : here.files()) {
            Held source = onCard.get(file.name());
            if (source == null) {
                throw new Stopped(
                        "%s is not on the card. If the copy is of another card, give this one a name: --as NAME."
                                .formatted(shown(file.name())));
            }
            if (source.bytes() != file.bytes()) {
                throw new Stopped(
                        "%s has %d bytes, and %d on the card. It is not overwritten: move it away and try again, or give this card another name: --as NAME."
                                .formatted(shown(file.name()), file.bytes(), source.bytes()));
            }
            there.put(file.name(), file);
        }
        return card.files().stream()
                .filter(file -> !there.containsKey(file.name()))
                .toList();
    }

    private String shown(Path name) {
        return Names.shown(folder.resolve(name));
    }

    void makeFolders(Listing card) throws IOException {
        for (Path one : card.folders()) {
            Path here = folder.resolve(one);
            if (!Files.isDirectory(here, LinkOption.NOFOLLOW_LINKS)) {
                Files.createDirectory(here);
            }
        }
    }

    /**
     * Gives the file that is on its way its name.
     *
     * @throws Stopped when something has that name already
     */
    void comeIn(Held file) throws IOException, Stopped {
        Files.setLastModifiedTime(part, file.changed());
        try {
            Files.move(part, folder.resolve(file.name()));
        } catch (FileAlreadyExistsException taken) {
            throw new Stopped(
                    "%s takes the name of another file of the card for the same. Copy to a disk that tells small letters from capitals."
                            .formatted(shown(file.name())),
                    taken);
        }
    }

    FileStore store() throws IOException {
        return Files.getFileStore(folder);
    }

    /** Whether a file lies where the folder lies: nothing is mounted in between. */
    boolean holds(Path name) throws IOException {
        return device(folder.resolve(name)).equals(device(folder));
    }

    private static Object device(Path path) throws IOException {
        return Files.getAttribute(path, "unix:dev", LinkOption.NOFOLLOW_LINKS);
    }

    /** Everything written so far is on the disk when this returns. */
    void settle() throws IOException, InterruptedException {
        Process sync = new ProcessBuilder("sync", "-f", job.toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (!sync.waitFor(PATIENCE_MIN, TimeUnit.MINUTES) || sync.exitValue() != 0) {
            sync.destroy();
            throw new IOException("the disk did not take what was written");
        }
    }

    @Override
    public String toString() {
        return Names.shown(disk);
    }

    /** Its own marks go; what was on its way and did not arrive goes with them. */
    @Override
    public void close() throws IOException {
        if (lock != null) {
            Files.deleteIfExists(part);
            Files.deleteIfExists(lockFile);
            lock.close();
        }
    }
}
