package upshot.exchange.still;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import upshot.exchange.text.Unreadable;

/**
 * What of a picture's file the decoder may see: the picture and nothing that came with it. Texts, profiles and previews
 * can unpack to any size, so they are left out before any library reads the file; only the block that says how the camera
 * was held is kept beside it, and that one is small.
 *
 * @param format {@code png}, {@code jpeg} or {@code webp}
 * @param picture the same file with the picture's own blocks alone
 * @param exif the block that says how the camera was held, at most {@value #MOST_EXIF_BYTES} bytes, possibly empty
 * @param scans how often the whole picture is gone through; 1 but for pictures that come in sharper step by step
 */
record PictureFile(String format, byte[] picture, byte[] exif, int scans) {

    private static final int MOST_EXIF_BYTES = 0xffff;
    private static final byte[] NO_EXIF = {};

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final Set<String> PNG_PICTURE = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");
    private static final Set<String> WEBP_PICTURE = Set.of("VP8 ", "VP8L", "VP8X", "ALPH");

    private static final int MARKER = 0xff;
    private static final int START_OF_SCAN = 0xda;
    private static final int END_OF_PICTURE = 0xd9;
    private static final int EXIF_BLOCK = 0xe1;
    /** Adobe's block says which colours a JPEG holds; without it some pictures turn green. */
    private static final int ADOBE_BLOCK = 0xee;

    private static final int PROFILE_BLOCK = 0xe2;
    private static final byte[] PROFILE_BEGINS = "ICC_PROFILE\0".getBytes(StandardCharsets.US_ASCII);
    /** The JFIF block: brightness and two colours, no preview. */
    private static final byte[] PLAIN_JPEG = {
        (byte) 0xff, (byte) 0xe0, 0, 16, 'J', 'F', 'I', 'F', 0, 1, 1, 0, 0, 1, 0, 1, 0, 0
    };

    private static final int FIRST_BLOCK = 0xe0;
    private static final int LAST_BLOCK = 0xef;
    private static final int COMMENT = 0xfe;
    private static final byte[] EXIF_BEGINS = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);

    /**
     * Looks a file through, byte by byte and once.
     *
     * @throws Unreadable when it is none of the three kinds, or its blocks are broken
     */
    static PictureFile of(byte[] file) {
        if (file.length > PNG.length && Arrays.equals(PNG, Arrays.copyOf(file, PNG.length))) {
            return png(file);
        }
        if (file.length > 4 && (file[0] & MARKER) == MARKER && (file[1] & MARKER) == 0xd8) {
            return jpeg(file);
        }
        if (file.length > 12 && name(file, 0).equals("RIFF") && name(file, 8).equals("WEBP")) {
            return webp(file);
        }
        throw new Unreadable("", "This is no PNG, JPEG or WebP picture.");
    }

    private static PictureFile png(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, PNG.length);
        byte[] exif = NO_EXIF;
        int at = PNG.length;
        while (at + 12 <= file.length) {
            int length = ByteBuffer.wrap(file).getInt(at);
            if (length < 0 || length > file.length - at - 12) {
                throw broken();
            }
            String kind = name(file, at + 4);
            if (PNG_PICTURE.contains(kind)) {
                kept.write(file, at, length + 12);
            } else if (kind.equals("eXIf") && length <= MOST_EXIF_BYTES) {
                exif = Arrays.copyOfRange(file, at + 8, at + 8 + length);
            }
            at += length + 12;
        }
        return new PictureFile("png", kept.toByteArray(), exif, 1);
    }

    private static PictureFile jpeg(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        byte[] exif = NO_EXIF;
        boolean colourSaid = false;
        int scans = 0;
        int at = 2;
        while (at + 4 <= file.length) {
            if ((file[at] & MARKER) != MARKER) {
                throw broken();
            }
            int marker = file[at + 1] & MARKER;
            if (marker == MARKER) {
                at++;
                continue;
            }
            if (marker == END_OF_PICTURE) {
                break;
            }
            int length = Short.toUnsignedInt(ByteBuffer.wrap(file).getShort(at + 2));
            if (length < 2 || length > file.length - at - 2) {
                throw broken();
            }
            int end = at + 2 + length;
            if (marker == EXIF_BLOCK
                    && length > EXIF_BEGINS.length + 2
                    && exif.length == 0
                    && begins(EXIF_BEGINS, file, at + 4)) {
                exif = Arrays.copyOfRange(file, at + 4 + EXIF_BEGINS.length, end);
            }
            if (marker == START_OF_SCAN) {
                scans++;
                end = endOfScan(file, end);
            }
            if (ofThePicture(file, at, marker)) {
                colourSaid |= marker == ADOBE_BLOCK;
                kept.write(file, at, end - at);
            }
            at = end;
        }
        return new PictureFile("jpeg", jpeg(kept.toByteArray(), colourSaid), exif, Math.max(1, scans));
    }

    /** The kept blocks as a file: a decoder takes one in which nothing says which colours it holds for red, green, blue. */
    private static byte[] jpeg(byte[] kept, boolean colourSaid) {
        byte[] plain = colourSaid ? new byte[0] : PLAIN_JPEG;
        return ByteBuffer.allocate(kept.length + plain.length + 4)
                .put((byte) MARKER)
                .put((byte) 0xd8)
                .put(plain)
                .put(kept)
                .put((byte) MARKER)
                .put((byte) END_OF_PICTURE)
                .array();
    }

    /** Tables, scans, the colours and their profile, which is held as it is; nothing else. */
    private static boolean ofThePicture(byte[] file, int at, int marker) {
        boolean beside = marker >= FIRST_BLOCK && marker <= LAST_BLOCK || marker == COMMENT;
        return !beside || marker == ADOBE_BLOCK || marker == PROFILE_BLOCK && begins(PROFILE_BEGINS, file, at + 4);
    }

    private static boolean begins(byte[] with, byte[] file, int at) {
        return at + with.length <= file.length && Arrays.equals(with, Arrays.copyOfRange(file, at, at + with.length));
    }

    /** Where the next marker stands behind a scan's data: in the data 0xff is followed by 0 or a restart. */
    private static int endOfScan(byte[] file, int from) {
        int at = from;
        while (at + 1 < file.length) {
            int next = file[at + 1] & MARKER;
            if ((file[at] & MARKER) == MARKER && next != 0 && next != MARKER && (next < 0xd0 || next > 0xd7)) {
                return at;
            }
            at++;
        }
        return file.length;
    }

    private static PictureFile webp(byte[] file) {
        ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, 12);
        byte[] exif = NO_EXIF;
        int at = 12;
        while (at + 8 <= file.length) {
            int length = in.getInt(at + 4);
            if (length < 0 || length > file.length - at - 8) {
                throw broken();
            }
            int end = Math.min(file.length, at + 8 + length + (length & 1));
            String kind = name(file, at);
            if (WEBP_PICTURE.contains(kind)) {
                byte[] block = Arrays.copyOfRange(file, at, end);
                if (kind.equals("VP8X") && block.length > 8) {
                    // It announces what comes along: of that only the transparency is left.
                    block[8] &= 0x10;
                }
                kept.write(block, 0, block.length);
            } else if (kind.equals("EXIF") && length <= MOST_EXIF_BYTES) {
                exif = withoutBegin(Arrays.copyOfRange(file, at + 8, at + 8 + length));
            } else if (kind.equals("ANMF")) {
                throw new Unreadable("", "The picture moves. Save one picture of it.");
            }
            at = end;
        }
        byte[] picture = kept.toByteArray();
        ByteBuffer.wrap(picture).order(ByteOrder.LITTLE_ENDIAN).putInt(4, picture.length - 8);
        return new PictureFile("webp", picture, exif, 1);
    }

    private static byte[] withoutBegin(byte[] exif) {
        return begins(EXIF_BEGINS, exif, 0) ? Arrays.copyOfRange(exif, EXIF_BEGINS.length, exif.length) : exif;
    }

    private static String name(byte[] file, int at) {
        return new String(file, at, 4, StandardCharsets.ISO_8859_1);
    }

    private static Unreadable broken() {
        return new Unreadable("", "The picture is broken and cannot be read.");
    }
}
