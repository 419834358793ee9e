package upshot.app.account;

import java.security.SecureRandom;
import java.util.Locale;

/** Codes that people read off a screen and type: 12 of 31 letters and figures, some 59 random bits. */
public final class TypedCode {

    /** Without letters that are mistaken for one another. */
    private static final String ALPHABET = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 12;
    private static final SecureRandom RANDOM = new SecureRandom();

    private TypedCode() {}

    public static String made() {
        StringBuilder made = new StringBuilder();
        RANDOM.ints(LENGTH, 0, ALPHABET.length()).forEach(index -> made.append(ALPHABET.charAt(index)));
        return made.toString();
    }

    /** What somebody typed, in whatever case and with whatever between the letters. */
    public static String plain(String typed) {
        return typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    }
}
