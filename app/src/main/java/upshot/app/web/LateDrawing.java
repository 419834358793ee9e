package upshot.app.web;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.UUID;

/**
 * A drawn frame that can come after its page: an empty frame of its shape and with its words, and what belongs into it.
 *
 * @param whole the drawing as one
 * @param key figures that stand for what is drawn: as long as they are the same, so is the drawing
 */
public record LateDrawing(String whole, String key) {

    private static final int KEY_BYTES = 6;
    private static final String END = "</svg>";

    static LateDrawing of(String svg) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(svg.getBytes(StandardCharsets.UTF_8));
            return new LateDrawing(svg, HexFormat.of().formatHex(hash, 0, KEY_BYTES));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private int opened() {
        return whole.indexOf('>');
    }

    /** The frame with its words and nothing in it. */
    String empty(UUID shotId) {
        return "%s data-late=\"%s\" data-shot=\"%s\">%s".formatted(whole.substring(0, opened()), key, shotId, END);
    }

    /** What belongs into the empty frame. */
    public String inside() {
        return whole.substring(opened() + 1, whole.length() - END.length());
    }
}
