package upshot.app.web;

import java.util.UUID;
import upshot.exchange.text.Sha256;

/**
 * A drawn frame that can come after its page: an empty frame of its shape and with its words, and what belongs into it.
 *
 * @param whole the drawing as one
 * @param key figures that stand for what is drawn: as long as they are the same, so is the drawing
 */
public record LateDrawing(String whole, String key) {

    private static final int KEY_FIGURES = 12;
    private static final String END = "</svg>";

    static LateDrawing of(String svg) {
        return new LateDrawing(svg, Sha256.hex(svg).substring(0, KEY_FIGURES));
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
