package upshot.app.web;

import java.io.IOException;

/** A body went past its bound while it was read. */
public final class TooLong extends IOException {

    private static final long serialVersionUID = 1L;

    TooLong(int mostBytes) {
        super("The body is longer than %d bytes".formatted(mostBytes));
    }

    /** Whether this is why something failed. */
    public static boolean is(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLong) {
                return true;
            }
        }
        return false;
    }
}
