package upshot.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bounds what is sent: a body that says to be too long is refused before any of it is read, one that says nothing while it
 * is read. Forms and uploads of files have bounds of their own, in the server's settings.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BoundedBodies extends OncePerRequestFilter {

    /** An edit with a file of a million bytes, written in base 64, and everything round it. */
    static final int MOST_BYTES = 2 << 20;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (boundElsewhere(request)) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > MOST_BYTES) {
            refuse(response);
        } else {
            try {
                chain.doFilter(new Bounded(request), response);
            } catch (IOException | ServletException | RuntimeException failed) {
                if (!TooLong.is(failed) || response.isCommitted()) {
                    throw failed;
                }
                refuse(response);
            }
        }
    }

    private static boolean boundElsewhere(HttpServletRequest request) {
        String type = String.valueOf(request.getContentType()).toLowerCase(Locale.ROOT);
        return type.startsWith("multipart/") || type.startsWith("application/x-www-form-urlencoded");
    }

    private static void refuse(HttpServletResponse response) throws IOException {
        Plainly.json(
                response,
                HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                "That is more than %d MB at once. Nothing was changed.".formatted(MOST_BYTES >> 20));
    }

    /** A request whose body is counted while it is read. */
    private static final class Bounded extends HttpServletRequestWrapper {

        private ServletInputStream counted;

        Bounded(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (counted == null) {
                counted = new Counted(super.getInputStream());
            }
            return counted;
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class Counted extends ServletInputStream {

        private final ServletInputStream from;
        private long read;

        Counted(ServletInputStream from) {
            this.from = from;
        }

        private int count(int more) throws TooLong {
            read += Math.max(0, more);
            if (read > MOST_BYTES) {
                throw new TooLong(MOST_BYTES);
            }
            return more;
        }

        @Override
        public int read() throws IOException {
            int one = from.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int at, int most) throws IOException {
            return count(from.read(into, at, most));
        }

        @Override
        public boolean isFinished() {
            return from.isFinished();
        }

        @Override
        public boolean isReady() {
            return from.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            from.setReadListener(listener);
        }
    }
}
