package upshot.app.account;

import jakarta.servlet.http.HttpServletRequest;
import java.io.Serializable;

/**
 * Where a try to sign in comes from.
 *
 * @param address of the network; of a forwarded one only behind a proxy that is told of
 * @param device what the browser's cookie holds, empty for none
 */
record Whence(String address, String device) implements Serializable {

    private static final int PARTS_OF_A_HOME = 4;

    static Whence of(HttpServletRequest request) {
        return new Whence(home(request.getRemoteAddr()), KnownDevices.cookie(request));
    }

    /** One household has as many of the longer addresses as it likes: their first half stands for it. */
    private static String home(String address) {
        String[] parts = address.split(":");
        return parts.length <= PARTS_OF_A_HOME
                ? address
                : String.join(":", java.util.Arrays.copyOf(parts, PARTS_OF_A_HOME));
    }
}
