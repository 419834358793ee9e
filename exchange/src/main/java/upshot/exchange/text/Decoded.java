package upshot.exchange.text;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Bytes as text: UTF-8, or UTF-16 with its mark; anything else is refused and never guessed at. */
public final class Decoded {

    /** More than any agenda or list of actions. */
    public static final int MOST_BYTES = 1 << 20;

    private Decoded() {}

    /** The text without a byte order mark, line ends as they are. */
    public static String text(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new Unreadable("", "The file is larger than 1 MB.");
        }
        boolean little = bytes.length >= 2 && bytes[0] == (byte) 0xff && bytes[1] == (byte) 0xfe;
        boolean big = bytes.length >= 2 && bytes[0] == (byte) 0xfe && bytes[1] == (byte) 0xff;
        Charset charset = little ? StandardCharsets.UTF_16LE : big ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_8;
        String text = strict(bytes, charset).replaceFirst("^\uFEFF", "");
        int control = control(text);
        if (control >= 0) {
            throw new Unreadable(
                    line(text, control), "There is a character that is no text. Is it another kind of file?");
        }
        return text;
    }

    /** The lines of a text, whatever ends them. */
    public static List<String> lines(String text) {
        return List.of(text.split("\r\n|\r|\n", -1));
    }

    private static String strict(byte[] bytes, Charset charset) {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        try {
            return charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(in)
                    .toString();
        } catch (CharacterCodingException broken) {
            int good = in.position();
            String before = new String(bytes, 0, good, charset);
            throw new Unreadable(line(before, before.length()), "This is not UTF-8 text. Save the file as UTF-8.");
        }
    }

    private static int control(String text) {
        for (int i = 0; i < text.length(); i++) {
            char one = text.charAt(i);
            if (Character.isISOControl(one) && one != '\n' && one != '\r' && one != '\t') {
                return i;
            }
        }
        return -1;
    }

    private static String line(String text, int at) {
        return "Line " + lines(text.substring(0, at)).size();
    }
}
