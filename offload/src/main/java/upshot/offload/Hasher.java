package upshot.offload;

import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 of a file that comes in pieces. */
final class Hasher {

    /** Pieces of memory outside the heap are fed through an array: the JDK would do it in far smaller ones. */
    private final byte[] fed = new byte[1 << 18];

    private final MessageDigest digest;

    Hasher() {
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }

    void feed(ByteBuffer content) {
        while (content.hasRemaining()) {
            int length = Math.min(fed.length, content.remaining());
            content.get(fed, 0, length);
            digest.update(fed, 0, length);
        }
    }

    /** 64 letters; it begins anew with the next piece. */
    String end() {
        return HexFormat.of().formatHex(digest.digest());
    }
}
