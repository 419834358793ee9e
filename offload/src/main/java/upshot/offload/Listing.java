package upshot.offload;

import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/**
 * What lies in a folder, however deep. Links are named and never followed: what they lead to lies somewhere else.
 *
 * @param files by name, byte by byte
 * @param folders each after the one that it lies in
 * @param odd what cannot be copied as it is
 */
record Listing(List<Held> files, List<Path> folders, List<Odd> odd) {

    /**
     * A file.
     *
     * @param name from the folder that was listed
     * @param changed as the file system says
     */
    record Held(Path name, long bytes, FileTime changed) {}

    /** Something else, and why it is not copied. */
    record Odd(Path name, String why) {}

    Listing {
        files = List.copyOf(files);
        folders = List.copyOf(folders);
        odd = List.copyOf(odd);
    }

    long bytes() {
        return files.stream().mapToLong(Held::bytes).sum();
    }

    /** @throws IOException when the folder itself cannot be listed */
    static Listing of(Path root) throws IOException {
        List<Held> files = new ArrayList<>();
        List<Path> folders = new ArrayList<>();
        List<Odd> odd = new ArrayList<>();
        Deque<Path> waiting = new ArrayDeque<>(List.of(root));
        while (!waiting.isEmpty()) {
            Path folder = waiting.pop();
            try (DirectoryStream<Path> within = Files.newDirectoryStream(folder)) {
                for (Path one : within) {
                    Path name = root.relativize(one);
                    BasicFileAttributes about =
                            Files.readAttributes(one, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
                    if (about.isRegularFile()) {
                        files.add(new Held(name, about.size(), about.lastModifiedTime()));
                    } else if (about.isDirectory()) {
                        folders.add(name);
                        waiting.push(one);
                    } else {
                        odd.add(new Odd(name, about.isSymbolicLink() ? "is a link" : "is neither a file nor a folder"));
                    }
                }
            } catch (IOException | DirectoryIteratorException unreadable) {
                if (folder.equals(root)) {
                    throw unreadable instanceof DirectoryIteratorException inside
                            ? inside.getCause()
                            : (IOException) unreadable;
                }
                odd.add(new Odd(root.relativize(folder), "cannot be read"));
            }
        }
        files.sort(Comparator.comparing(Held::name));
        folders.sort(Comparator.naturalOrder());
        odd.sort(Comparator.comparing(Odd::name));
        return new Listing(files, folders, odd);
    }
}
