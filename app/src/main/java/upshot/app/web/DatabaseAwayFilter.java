package upshot.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import upshot.app.store.DatabaseAway;

/**
 * Says that the database does not answer, before the session and the layout would ask it again. What was being stored may
 * have been: the answer says that it is not known.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseAwayFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAwayFilter.class);
    private static final String SAYS =
            "The database does not answer just now. Whether the last edit was saved is not known; it is tried again.";
    private static final String RETRY_AFTER_S = "2";

    private final String page;

    DatabaseAwayFilter() throws IOException {
        page = new ClassPathResource("templates/error/database-away.html").getContentAsString(StandardCharsets.UTF_8);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (IOException | ServletException | RuntimeException failed) {
            if (!DatabaseAway.is(failed) || response.isCommitted()) {
                throw failed;
            }
            LOG.warn("The database does not answer: {}", failed.getMessage());
            response.setHeader("Retry-After", RETRY_AFTER_S);
            if (String.valueOf(request.getHeader("Accept")).contains("json")) {
                Plainly.json(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, SAYS);
            } else {
                Plainly.html(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, page);
            }
        }
    }
}
