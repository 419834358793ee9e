package upshot.exchange.clip;

import java.io.IOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.channels.SeekableByteChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.handoff.Clip;
import upshot.core.measure.FrameRate;
import upshot.exchange.clip.Boxes.Part;
import upshot.exchange.text.Unreadable;

/**
 * A clip as the header of its file describes it (MP4 after ISO/IEC 14496-12, MOV likewise). The film itself is not looked at.
 */
public final class ClipHeader {

    /** Headers of an hour's film are a tenth of that. */
    private static final int LARGEST_HEADER = 64 << 20;

    private static final int MOST_BOXES = 1000;
    private static final int HEAD_BYTES = 16;

    /** Seconds from 1904, where these files count from, to 1970. */
    private static final long TO_1970_S = 2_082_844_800L;
    /** Nothing was made before; a clock that was never set says 1904 or 1970. */
    private static final long YEAR_1980_MS = 315_532_800_000L;

    private static final long S = 1000;

    private static final int HANDLER_AT = 8;
    private static final int FIXED_16 = 1 << 16;
    private static final int DROP_FRAME = 1;

    private static final List<FrameRate> USUAL = Stream.of(
                    "24000/1001",
                    "24",
                    "25",
                    "30000/1001",
                    "30",
                    "48",
                    "50",
                    "60000/1001",
                    "60",
                    "100",
                    "120000/1001",
                    "120",
                    "240")
            .map(FrameRate::parse)
            .toList();

    private ClipHeader() {}

    /**
     * Reads a header.
     *
     * @param file on this computer
     * @param card the name of its card
     * @param path where on the card it lies, with slashes
     * @throws Unreadable when it is no such file, or holds no film
     */
    public static Clip read(Path file, String card, String path) {
        try (SeekableByteChannel in =
                Files.newByteChannel(file, Set.of(StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS))) {
            return clip(in, card, path);
        } catch (Unreadable said) {
            throw said;
        } catch (BufferUnderflowException cut) {
            throw new Unreadable(path, "The header is damaged, or says less than it should.");
        } catch (IOException | IllegalArgumentException | ArithmeticException broken) {
            throw new Unreadable(path, "The header cannot be read: %s".formatted(broken.getMessage()));
        }
    }

    private static Clip clip(SeekableByteChannel in, String card, String path) throws IOException {
        ByteBuffer movie = movie(in, path);
        List<ByteBuffer> tracks = Boxes.of(movie).stream()
                .filter(part -> part.type().equals("trak"))
                .map(Part::content)
                .toList();
        ByteBuffer video = tracks.stream()
                .filter(track -> handler(track).equals("vide"))
                .findFirst()
                .orElseThrow(() -> new Unreadable(path, "There is no film in it."));
        Times times = Times.of(video);
        int[] size = size(Boxes.need(video, "tkhd"));
        Optional<TimeCodeOf> code = timeCode(tracks, in);
        return new Clip(
                id(card, path, in.size()),
                card,
                List.of(path),
                in.size(),
                Math.toIntExact(times.frames),
                times.rate(),
                times.variable,
                size[0],
                size[1],
                code.map(TimeCodeOf::frame),
                code.map(TimeCodeOf::drop).orElse(false),
                made(Boxes.need(movie, "mvhd")),
                "");
    }

    /** The box of all tracks, wherever in the file it lies. */
    private static ByteBuffer movie(SeekableByteChannel in, String path) throws IOException {
        long at = 0;
        for (int box = 0; box < MOST_BOXES && at + HEAD_BYTES <= in.size(); box++) {
            ByteBuffer head = read(in, at, HEAD_BYTES);
            long size = Integer.toUnsignedLong(head.getInt());
            String type = Boxes.type(head);
            int headBytes = HEAD_BYTES / 2;
            if (size == 1) {
                size = head.getLong();
                headBytes = HEAD_BYTES;
            } else if (size == 0) {
                size = in.size() - at;
            }
            if (size < headBytes || size > in.size() - at) {
                break;
            }
            if (type.equals("moov")) {
                if (size > LARGEST_HEADER) {
                    throw new Unreadable(path, "Its header is larger than any camera's.");
                }
                return read(in, at + headBytes, (int) size - headBytes);
            }
            at += size;
        }
        throw new Unreadable(path, "There is no header of a film in it.");
    }

    private static ByteBuffer read(SeekableByteChannel in, long at, int bytes) throws IOException {
        ByteBuffer read = ByteBuffer.allocate(bytes);
        in.position(at);
        while (read.hasRemaining() && in.read(read) >= 0) {
            // On until it is full, or the file ends.
        }
        return read.flip();
    }

    /** The same file of the same card is the same clip, whoever reads it. */
    public static UUID id(String card, String path, long bytes) {
        return UUID.nameUUIDFromBytes("%s/%s %d".formatted(card, path, bytes).getBytes(StandardCharsets.UTF_8));
    }

    private static String handler(ByteBuffer track) {
        return Boxes.at(track, "mdia.hdlr")
                .filter(box -> box.remaining() >= HANDLER_AT + 4)
                .map(box -> Boxes.type(box.position(HANDLER_AT)))
                .orElse("");
    }

    /** How many pictures, and when. */
    private record Times(long frames, long ticks, long timescale, long first, boolean variable) {

        static Times of(ByteBuffer track) {
            ByteBuffer media = Boxes.need(track, "mdia.mdhd");
            boolean wide = media.getInt() >>> 24 == 1;
            media.position(media.position() + (wide ? 16 : 8));
            long timescale = Integer.toUnsignedLong(media.getInt());
            ByteBuffer table = Boxes.need(track, "mdia.minf.stbl.stts");
            table.getInt();
            long rows = Integer.toUnsignedLong(table.getInt());
            long frames = 0;
            long ticks = 0;
            long first = -1;
            boolean variable = false;
            for (long row = 0; row < rows; row++) {
                long count = Integer.toUnsignedLong(table.getInt());
                long each = Integer.toUnsignedLong(table.getInt());
                first = first < 0 ? each : first;
                frames = Math.addExact(frames, count);
                ticks = Math.addExact(ticks, Math.multiplyExact(count, each));
                // The last picture of many cameras is a tick longer or shorter.
                variable |= (count > 1 || row < rows - 1) && Math.abs(each - first) > 1;
            }
            if (frames == 0 || ticks == 0 || timescale == 0) {
                throw new IllegalArgumentException("it does not say when its pictures are");
            }
            return new Times(frames, ticks, timescale, first, variable);
        }

        /** Exactly as the header has it; where the pictures are not evenly spaced, the usual rate nearest to their mean. */
        FrameRate rate() {
            double mean = (double) frames * timescale / ticks;
            return usual(mean)
                    .orElseGet(() -> variable || first == 0
                            ? FrameRate.of(Math.max(1, (int) Math.round(mean)))
                            : new FrameRate(Math.toIntExact(timescale), Math.toIntExact(first)));
        }

        /** Cameras that count in milliseconds cannot say 23.976; what they say is within a thousandth of it. */
        private static Optional<FrameRate> usual(double perSecond) {
            return USUAL.stream()
                    .filter(rate -> Math.abs(rate.perSecond() / perSecond - 1) < 3e-4)
                    .findFirst();
        }
    }

    /** Width and height as it plays: exchanged where the header asks for a quarter turn. */
    private static int[] size(ByteBuffer head) {
        boolean wide = head.getInt() >>> 24 == 1;
        head.position(head.position() + (wide ? 32 : 20) + 16);
        int[] matrix = new int[9];
        for (int i = 0; i < matrix.length; i++) {
            matrix[i] = head.getInt();
        }
        int width = (int) (Integer.toUnsignedLong(head.getInt()) / FIXED_16);
        int height = (int) (Integer.toUnsignedLong(head.getInt()) / FIXED_16);
        return matrix[0] == 0 && matrix[1] != 0 ? new int[] {height, width} : new int[] {width, height};
    }

    private record TimeCodeOf(int frame, boolean drop) {}

    /** A track of one sample, a whole number: the frame at the beginning. */
    private static Optional<TimeCodeOf> timeCode(List<ByteBuffer> tracks, SeekableByteChannel in) throws IOException {
        for (ByteBuffer track : tracks) {
            if (!handler(track).equals("tmcd")) {
                continue;
            }
            ByteBuffer described = Boxes.need(track, "mdia.minf.stbl.stsd");
            described.position(described.position() + 8);
            ByteBuffer entry = Boxes.of(described).get(0).content();
            entry.position(entry.position() + 12);
            boolean drop = (entry.getInt() & DROP_FRAME) != 0;
            Optional<ByteBuffer> small = Boxes.at(track, "mdia.minf.stbl.stco");
            ByteBuffer offsets = small.isPresent() ? small.get() : Boxes.need(track, "mdia.minf.stbl.co64");
            offsets.getInt();
            if (offsets.getInt() == 0) {
                return Optional.empty();
            }
            long at = small.isPresent() ? Integer.toUnsignedLong(offsets.getInt()) : offsets.getLong();
            int frame = at < 0 || at > in.size() - 4 ? -1 : read(in, at, 4).getInt();
            return frame < 0 ? Optional.empty() : Optional.of(new TimeCodeOf(frame, drop));
        }
        return Optional.empty();
    }

    private static Optional<Long> made(ByteBuffer head) {
        boolean wide = head.getInt() >>> 24 == 1;
        long since1904S = wide ? head.getLong() : Integer.toUnsignedLong(head.getInt());
        long ms = Math.multiplyExact(Math.subtractExact(since1904S, TO_1970_S), S);
        return ms < YEAR_1980_MS ? Optional.empty() : Optional.of(ms);
    }
}
