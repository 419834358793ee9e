package upshot.exchange.text;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.io.Reader;
import java.io.StringReader;

/**
 * Bytes and text whose readers give up when their thread is interrupted, so that whoever reads a file can be told that it
 * has taken long enough. A library that reads from these ends at its next read, whatever it is doing.
 */
public final class Stoppable {

    private Stoppable() {}

    /**
     * Gives up where the thread was interrupted.
     *
     * @throws Unreadable then; the thread stays marked as interrupted
     */
    public static void check() {
        if (Thread.currentThread().isInterrupted()) {
            throw new Unreadable("", "Reading it took too long and was given up.");
        }
    }

    /** The bytes of a file. */
    public static InputStream stream(byte[] bytes) {
        return new ByteArrayInputStream(bytes) {
            @Override
            public synchronized int read() {
                check();
                return super.read();
            }

            @Override
            public synchronized int read(byte[] into, int from, int most) {
                check();
                return super.read(into, from, most);
            }
        };
    }

    /** The characters of a text. */
    public static Reader reader(String text) {
        return new StringReader(text) {
            @Override
            public int read() throws java.io.IOException {
                check();
                return super.read();
            }

            @Override
            public int read(char[] into, int from, int most) throws java.io.IOException {
                check();
                return super.read(into, from, most);
            }
        };
    }
}
