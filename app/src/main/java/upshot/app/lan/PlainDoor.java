package upshot.app.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** By the door that is not encrypted one comes to the page on how to trust the other, and to nothing else. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@OnLan
class PlainDoor extends OncePerRequestFilter {

    private static final Pattern OPEN =
            Pattern.compile("/trust(/.*)?|/(css|fonts|icons|webjars|js|[vb][^/]*/js)/.*|/favicon\\.ico");

    private final LanSettings settings;

    PlainDoor(LanSettings settings) {
        this.settings = settings;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean plain = request.getLocalPort() == settings.plainPort();
        if (plain && !OPEN.matcher(request.getRequestURI()).matches()) {
            response.sendRedirect("/trust");
        } else {
            chain.doFilter(request, response);
        }
    }
}
