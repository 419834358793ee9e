package upshot.offload;

import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import upshot.offload.Listing.Held;
import upshot.offload.Outcome.Read;
import upshot.offload.ReadingBack.Hashed;
import upshot.offload.ReadingBack.Place;

/**
 * An offload from its beginning to what is proven. The card is opened for reading only. Whatever goes wrong ends it by
 * {@link Stopped}; only what came to its end without can say that a card is safe.
 */
final class Offload {

    private final Order order;
    private final Reader reader;
    private final Hardware hardware;
    private final Report report;
    private final Progress progress;

    Offload(Order order, Reader reader, Hardware hardware, Report report, Progress progress) {
        this.order = order;
        this.reader = reader;
        this.hardware = hardware;
        this.report = report;
        this.progress = progress;
    }

    /** @throws Stopped when it cannot be brought to an end, or something is not equal */
    Outcome run() throws Stopped, IOException, InterruptedException {
        Path card = folder(order.card(), "The card");
        List<Copy> copies = new ArrayList<>();
        for (Path disk : order.disks()) {
            copies.add(new Copy(folder(disk, "The disk"), order.job(), order.as()));
        }
        if (copies.stream().map(Copy::folder).distinct().count() < copies.size()) {
            throw new Stopped("The same disk is named twice.");
        }
        for (Copy copy : copies) {
            if (copy.folder().startsWith(card) || card.startsWith(copy.folder())) {
                throw new Stopped("The card and a copy of it cannot lie in each other.");
            }
            if (order.check() && !Files.isDirectory(copy.folder(), LinkOption.NOFOLLOW_LINKS)) {
                throw new Stopped("There is no copy at " + Names.shown(copy.folder()) + ".");
            }
        }
        try {
            for (Copy copy : copies) {
                copy.open();
            }
            return opened(card, copies);
        } finally {
            for (Copy copy : copies) {
                copy.close();
            }
        }
    }

    private static Path folder(Path path, String what) throws Stopped, IOException {
        if (!Files.isDirectory(path)) {
            throw new Stopped("%s: there is no folder at %s.".formatted(what, Names.shown(path)));
        }
        return path.toRealPath();
    }

    private Outcome opened(Path card, List<Copy> copies) throws Stopped, IOException, InterruptedException {
        Listing listing = Listing.of(card);
        report.size(listing.files().size(), listing.bytes());
        Set<Path> putInAgain = putInAgain(card, copies);
        Map<Copy, List<Held>> missing = new LinkedHashMap<>();
        for (Copy copy : copies) {
            missing.put(copy, copy.missing(listing, copy.listing()));
        }
        Map<Path, String> first = Map.of();
        if (order.check()) {
            refuseMissing(missing);
        } else {
            refuseFull(missing);
            first = copy(card, listing, missing);
            missing.forEach((copy, files) -> {
                if (!files.isEmpty()) {
                    putInAgain.remove(copy.folder());
                }
            });
        }
        return readBack(card, listing, copies, putInAgain, first);
    }

    /**
     * What was taken out and put in again since it was last written or read here: nothing of that is in the system's memory.
     * What is noted of it now is kept before anything is written.
     */
    private Set<Path> putInAgain(Path card, List<Copy> copies) {
        Set<Path> again = new HashSet<>();
        for (Path folder : Stream.concat(Stream.of(card), copies.stream().map(Copy::folder))
                .toList()) {
            Disk disk = hardware.of(folder);
            if (disk.putInAgainSince(report.inserted(folder))) {
                again.add(folder);
            }
            report.nowInserted(folder, disk);
        }
        return again;
    }

    private static void refuseMissing(Map<Copy, List<Held>> missing) throws Stopped {
        for (Map.Entry<Copy, List<Held>> copy : missing.entrySet()) {
            for (Held file : copy.getValue()) {
                throw new Stopped("%s is not in %s. Without --check it is copied."
                        .formatted(
                                Names.shown(file.name()),
                                Names.shown(copy.getKey().folder())));
            }
        }
    }

    /** Copies that share a disk share its room. */
    private static void refuseFull(Map<Copy, List<Held>> missing) throws Stopped, IOException {
        Map<FileStore, Long> wanted = new HashMap<>();
        for (Map.Entry<Copy, List<Held>> copy : missing.entrySet()) {
            long block = copy.getKey().store().getBlockSize();
            long bytes = copy.getValue().stream()
                    .mapToLong(file -> (file.bytes() / block + 1) * block)
                    .sum();
            wanted.merge(copy.getKey().store(), bytes, Long::sum);
        }
        for (Map.Entry<FileStore, Long> store : wanted.entrySet()) {
            long free = store.getKey().getUsableSpace();
            if (store.getValue() > free) {
                throw new Stopped("%s has %s free, and %s are wanted. Nothing was copied."
                        .formatted(store.getKey(), Size.of(free), Size.of(store.getValue())));
            }
        }
    }

    private Map<Path, String> copy(Path card, Listing listing, Map<Copy, List<Held>> missing)
            throws Stopped, IOException, InterruptedException {
        for (Copy copy : missing.keySet()) {
            copy.makeFolders(listing);
        }
        Map<Path, String> hashes;
        try (Copying copying = new Copying(card, List.copyOf(missing.keySet()), reader, progress)) {
            hashes = copying.all(listing, missing);
        }
        for (Copy copy : missing.keySet()) {
            copy.settle();
        }
        return hashes;
    }

    private Outcome readBack(
            Path card, Listing listing, List<Copy> copies, Set<Path> putInAgain, Map<Path, String> first)
            throws Stopped, IOException, InterruptedException {
        List<Place> places = new ArrayList<>();
        places.add(new Place("The card", card, listing.files()));
        for (Copy copy : copies) {
            places.add(new Place(Names.shown(copy.folder()), copy.folder(), whole(copy, listing)));
        }
        List<Hashed> read = new ReadingBack(reader, progress).all(places);
        Map<Path, String> onCard = read.get(0).hashes();
        first.forEach((name, hash) -> onCard.merge(name, hash, (again, once) -> again.equals(once) ? again : ""));
        for (int at = 0; at < places.size(); at++) {
            refuseDifferent(places.get(at), read.get(at).hashes(), onCard);
        }
        if (!Listing.of(card).equals(listing)) {
            throw new Stopped("The card changed while it was read. Run the same again.");
        }
        byte[] lines = Manifest.of(Path.of(order.as()), listing.files(), onCard);
        for (Copy copy : copies) {
            whole(copy, listing);
            Manifest.write(copy, lines);
        }
        List<Read> proven = new ArrayList<>();
        for (int at = 0; at < places.size(); at++) {
            Place place = places.get(at);
            proven.add(new Read(
                    place.name(),
                    hardware.of(place.folder()),
                    read.get(at).pastMemory() || putInAgain.contains(place.folder())));
        }
        return outcome(listing, proven);
    }

    /** A copy's files, when they are those of the card and nothing else. */
    private static List<Held> whole(Copy copy, Listing card) throws Stopped, IOException {
        Listing here = copy.listing();
        for (Held file : copy.missing(card, here)) {
            throw new Stopped("%s is not in %s.".formatted(Names.shown(file.name()), Names.shown(copy.folder())));
        }
        for (Held file : here.files()) {
            if (!copy.holds(file.name())) {
                throw new Stopped(
                        "%s lies on another disk than the folder of its copy.".formatted(Names.shown(file.name())));
            }
        }
        return here.files();
    }

    private static void refuseDifferent(Place place, Map<Path, String> hashes, Map<Path, String> onCard)
            throws Stopped {
        for (Held file : place.files()) {
            String wanted = onCard.get(file.name());
            if (wanted.isEmpty()) {
                throw new Stopped(
                        "The card gave %s differently when it was read again. Do not format it: the card, its reader or the cable may be failing. Move the copies of this file away and run the same again."
                                .formatted(Names.shown(file.name())));
            }
            if (!wanted.equals(hashes.get(file.name()))) {
                throw new Stopped(
                        "%s is not equal to the card's, though as long. Do not format the card. Move that file away and run the same again; it is copied anew."
                                .formatted(Names.shown(place.folder().resolve(file.name()))));
            }
        }
    }

    private Outcome outcome(Listing card, List<Read> read) {
        return new Outcome(
                order.as(),
                card.files().size(),
                read.get(0),
                read.subList(1, read.size()),
                card.odd().stream()
                        .map(one -> Names.shown(one.name()) + " " + one.why())
                        .toList());
    }
}
