package upshot.app.account;

import java.security.SecureRandom;
import java.util.HexFormat;
import upshot.exchange.text.Sha256;

/** Words that open something once or for a browser; the database holds their hash only. */
public final class Secrets {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 24;

    private Secrets() {}

    /** 192 random bits in hexadecimal figures. */
    public static String made() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    /** SHA-256 in hexadecimal figures: what it is made of is random, so that nothing slower is needed. */
    public static String hash(String secret) {
        return Sha256.hex(secret);
    }
}
