package upshot.app.account;

import jakarta.servlet.http.HttpServletRequest;
import java.io.Serializable;

/**
 * Where a try to sign in comes from.
 *
 * @param address of the network; of a forwarded one only behind a proxy that is told of
 * @param device what the browser's cookie holds, empty for none
 */
public record Whence(String address, String device) implements Serializable {

    private static final int PARTS_OF_A_HOME = 4;

    static Whence of(HttpServletRequest request) {
        return new Whence(home(request), KnownDevices.cookie(request));
    }

    /** One household has as many of the longer addresses as it likes: their first half stands for it. */
    public static String home(HttpServletRequest request) {
        String address = request.getRemoteAddr();
        String[] parts = address.split(":");
        return parts.length <= PARTS_OF_A_HOME
                ? address
                : String.join(":", java.util.Arrays.copyOf(parts, PARTS_OF_A_HOME));
    }
}
