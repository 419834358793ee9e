package upshot.exchange.text;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 in hexadecimal figures, as FIPS 180-4 defines it. */
public final class Sha256 {

    private Sha256() {}

    /** Of bytes, 64 figures. */
    public static String hex(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** Of a text in UTF-8. */
    public static String hex(String text) {
        return hex(text.getBytes(StandardCharsets.UTF_8));
    }
}
