package upshot.offload;

import com.sun.nio.file.ExtendedOpenOption;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Set;

/** Reads files from beginning to end. */
interface Reader {

    /** @throws IOException when it cannot be opened */
    Opened open(Path file) throws IOException;

    /** A file that is being read. */
    interface Opened extends Closeable {

        /**
         * Reads on until the buffer is full or the file ends.
         *
         * @param into one of {@link Chunks}, empty
         * @return how many bytes; less than fit only at the end, 0 after it
         */
        int read(ByteBuffer into) throws IOException;

        /** Whether what was read came from the disk for sure, and not out of the system's memory. */
        boolean pastMemory();
    }

    /**
     * File systems whose direct readings are known to come from the disk. Others take the wish and answer from a memory of
     * their own, a program in between above all.
     */
    Set<String> READ_DIRECTLY = Set.of("ext2", "ext3", "ext4", "xfs", "vfat", "msdos", "exfat", "ntfs3");

    /** The system's own files: past its memory where the file system lets one, through it where not. */
    Reader SYSTEM = file -> {
        if (READ_DIRECTLY.contains(Files.getFileStore(file).type())) {
            try {
                FileChannel channel = FileChannel.open(
                        file, StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS, ExtendedOpenOption.DIRECT);
                return new SystemFile(file, channel, true);
            } catch (IOException | UnsupportedOperationException refused) {
                // Read through memory below, where what is really wrong with it is said.
            }
        }
        return new SystemFile(file, SystemFile.throughMemory(file), false);
    };

    /** A file on a disk. */
    final class SystemFile implements Opened {

        private final Path file;
        private final long block;
        private FileChannel channel;
        private boolean past;
        private boolean begun;
        private boolean ended;

        private SystemFile(Path file, FileChannel channel, boolean past) throws IOException {
            this.file = file;
            this.block = past ? Files.getFileStore(file).getBlockSize() : 1;
            this.channel = channel;
            this.past = past;
        }

        private static FileChannel throughMemory(Path file) throws IOException {
            return FileChannel.open(file, StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS);
        }

        @Override
        public int read(ByteBuffer into) throws IOException {
            try {
                return fill(into);
            } catch (IOException refused) {
                // Some file systems take the wish and refuse the first reading.
                if (begun || !past) {
                    throw refused;
                }
                past = false;
                channel.close();
                channel = throughMemory(file);
                return fill(into.clear());
            }
        }

        private int fill(ByteBuffer into) throws IOException {
            while (!ended && into.hasRemaining()) {
                int got = channel.read(into);
                begun |= got > 0;
                // A direct reading that is not whole blocks has met the end, and cannot go on from there.
                ended = got <= 0 || past && into.position() % block != 0;
            }
            return into.position();
        }

        @Override
        public boolean pastMemory() {
            return past;
        }

        @Override
        public void close() throws IOException {
            channel.close();
        }
    }
}
