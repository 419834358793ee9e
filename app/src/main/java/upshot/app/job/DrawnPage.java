package upshot.app.job;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/**
 * A page as it is sent, without the token of the session that asks for it: what lies between the places of the token is
 * encoded and packed once, for everybody. The packed form is one member of gzip (RFC 1952) whose blocks each begin anew, so
 * that blocks packed beforehand stand beside a token that is only stored.
 */
final class DrawnPage {

    /** Magic, deflate, no flags, no time, no hint, unknown system. */
    private static final byte[] HEADER = {0x1f, (byte) 0x8b, 8, 0, 0, 0, 0, 0, 0, (byte) 0xff};

    /** An empty last block of stored bytes. */
    private static final byte[] END = {1, 0, 0, (byte) 0xff, (byte) 0xff};

    private final List<byte[]> plain;
    private final List<byte[]> packed;

    /**
     * @param page as it was drawn
     * @param token of the session it was drawn for
     */
    DrawnPage(String page, String token) {
        this.plain = Arrays.stream(Pattern.compile(token, Pattern.LITERAL).split(page, -1))
                .map(part -> part.getBytes(StandardCharsets.UTF_8))
                .toList();
        this.packed = plain.stream().map(DrawnPage::packed).toList();
    }

    int bytes() {
        return plain.stream().mapToInt(part -> part.length).sum()
                + packed.stream().mapToInt(part -> part.length).sum();
    }

    /** The page with a session's token in its places. */
    byte[] plain(String token) {
        ByteArrayOutputStream page = new ByteArrayOutputStream(bytes());
        parts(token).forEach(page::writeBytes);
        return page.toByteArray();
    }

    private List<byte[]> parts(String token) {
        byte[] between = token.getBytes(StandardCharsets.UTF_8);
        List<byte[]> parts = new ArrayList<>();
        for (byte[] part : plain) {
            if (!parts.isEmpty()) {
                parts.add(between);
            }
            parts.add(part);
        }
        return parts;
    }

    /** The same packed by gzip. */
    byte[] packed(String token) {
        byte[] between = stored(token.getBytes(StandardCharsets.UTF_8));
        CRC32 check = new CRC32();
        long length = 0;
        for (byte[] part : parts(token)) {
            check.update(part);
            length += part.length;
        }
        ByteArrayOutputStream page = new ByteArrayOutputStream(bytes());
        page.writeBytes(HEADER);
        for (int i = 0; i < packed.size(); i++) {
            if (i > 0) {
                page.writeBytes(between);
            }
            page.writeBytes(packed.get(i));
        }
        page.writeBytes(END);
        littleEndian(page, check.getValue());
        littleEndian(page, length);
        return page.toByteArray();
    }

    private static void littleEndian(ByteArrayOutputStream page, long number) {
        for (int shift = 0; shift < 32; shift += 8) {
            page.write((int) (number >>> shift));
        }
    }

    /** Blocks that end on a whole byte and refer to nothing before them. */
    private static byte[] packed(byte[] part) {
        Deflater deflater = new Deflater(Deflater.DEFAULT_COMPRESSION, true);
        try {
            deflater.setInput(part);
            ByteArrayOutputStream blocks = new ByteArrayOutputStream();
            byte[] buffer = new byte[8192];
            for (int n; (n = deflater.deflate(buffer, 0, buffer.length, Deflater.FULL_FLUSH)) > 0; ) {
                blocks.write(buffer, 0, n);
            }
            return blocks.toByteArray();
        } finally {
            deflater.end();
        }
    }

    /** One block that is not packed; a token is far shorter than the 65,535 bytes that it may hold. */
    private static byte[] stored(byte[] token) {
        int length = token.length;
        ByteArrayOutputStream block = new ByteArrayOutputStream(length + 5);
        block.write(0);
        for (int number : new int[] {length, ~length}) {
            block.write(number);
            block.write(number >>> 8);
        }
        block.writeBytes(token);
        return block.toByteArray();
    }
}
