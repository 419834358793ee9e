package upshot.offload;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** Names of files are bytes, which need be no text. */
final class Names {

    private static final int HEX = 16;
    private static final Path ROOT = Path.of("/");

    private Names() {}

    /** The bytes that a file system has for a relative name; its text would lose those that are none. */
    static byte[] bytes(Path relative) {
        String escaped = ROOT.resolve(relative).toUri().getRawPath();
        int end = escaped.endsWith("/") ? escaped.length() - 1 : escaped.length();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(end);
        for (int at = 1; at < end; at++) {
            if (escaped.charAt(at) == '%') {
                bytes.write(Integer.parseInt(escaped.substring(at + 1, at + 3), HEX));
                at += 2;
            } else {
                bytes.write(escaped.charAt(at));
            }
        }
        return bytes.toByteArray();
    }

    /** For people: signs that would move a terminal's pen are question marks. */
    static String shown(Path path) {
        return path.toString().replaceAll("\\p{Cntrl}", "?");
    }

    /**
     * A line of a manifest as {@code sha256sum} writes it: where a name holds a backslash, a line feed or a carriage return,
     * these are escaped and the line begins with a backslash.
     *
     * @param hash 64 letters
     */
    static byte[] manifestLine(String hash, byte[] name) {
        ByteArrayOutputStream line = new ByteArrayOutputStream();
        ByteArrayOutputStream escaped = new ByteArrayOutputStream();
        for (byte one : name) {
            switch (one) {
                case '\\' -> escaped.writeBytes(ascii("\\\\"));
                case '\n' -> escaped.writeBytes(ascii("\\n"));
                case '\r' -> escaped.writeBytes(ascii("\\r"));
                default -> escaped.write(one);
            }
        }
        if (escaped.size() != name.length) {
            line.write('\\');
        }
        line.writeBytes(ascii(hash + "  "));
        line.writeBytes(escaped.toByteArray());
        line.write('\n');
        return line.toByteArray();
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
