package upshot.app.web;

import java.util.Base64;
import upshot.core.plan.InvalidField;

/** A file that came with a gesture, as base64 text in an argument. */
public final class Upload {

    private Upload() {}

    /**
     * The file's bytes.
     *
     * @param most more is refused before it is decoded
     */
    public static byte[] bytes(Arguments arguments, String name, int most) {
        String encoded = arguments.text(name);
        if (encoded.isEmpty()) {
            throw new InvalidField(name, "Choose a file first.");
        }
        if (encoded.length() > most * 4L / 3 + 8) {
            throw new InvalidField(name, "The file is larger than %d MB.".formatted(most >> 20));
        }
        try {
            return Base64.getDecoder().decode(encoded);
        } catch (IllegalArgumentException broken) {
            throw new InvalidField(name, "The file did not arrive whole. Choose it again.");
        }
    }
}
