package upshot.app.crew;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.web.filter.OncePerRequestFilter;
import upshot.app.account.AnswerHeaders;
import upshot.app.crew.CrewKey.Standing;
import upshot.app.web.Plainly;

/**
 * Requests of phones that a crew code has admitted. Their key is a cookie that a browser sends to one job's Roll only, and
 * never from another site, so that sending needs neither session nor token. Whatever else they ask for is asked as a
 * stranger.
 */
@Configuration
class CrewSecurity {

    static final String COOKIE = "UPSHOT_CREW";

    /** All of Roll that a phone needs. */
    private static final Pattern ROLL =
            Pattern.compile("/jobs/([0-9a-f-]{36})/roll/(phone|day\\.json|worker\\.js|roll\\.webmanifest|log)");

    private static final int LONGEST = 100;

    @Bean
    @Order(0)
    SecurityFilterChain phones(HttpSecurity http, AnswerHeaders headers, Crew crew) throws Exception {
        return headers.on(http.securityMatcher(request -> find(request, crew))
                        .addFilterBefore(new AsCrew(), AuthorizationFilter.class)
                        .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                        .securityContext(context -> context.disable())
                        .sessionManagement(sessions -> sessions.disable())
                        .requestCache(cache -> cache.disable())
                        .csrf(csrf -> csrf.disable()))
                .build();
    }

    /** Finds the phone whose key came with a request, and leaves it there. */
    private static boolean find(HttpServletRequest request, Crew crew) {
        Matcher path = ROLL.matcher(request.getRequestURI());
        Optional<CrewKey> found = path.matches()
                ? key(request).flatMap(key -> crew.find(UUID.fromString(path.group(1)), key))
                : Optional.empty();
        found.ifPresent(key -> request.setAttribute(COOKIE, key));
        return found.isPresent();
    }

    private static Optional<String> key(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return (cookies == null ? Stream.<Cookie>empty() : Arrays.stream(cookies))
                .filter(cookie ->
                        cookie.getName().equals(COOKIE) && cookie.getValue().length() <= LONGEST)
                .map(Cookie::getValue)
                .findFirst();
    }

    /** Answers who may not come in any more, and lets the others pass as what they are. */
    private static final class AsCrew extends OncePerRequestFilter {

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            CrewKey key = (CrewKey) request.getAttribute(COOKIE);
            boolean brings = request.getMethod().equals(HttpMethod.POST.name());
            if (key.standing() == Standing.OVER || key.standing() == Standing.ENDED && !brings) {
                refuse(request, response, key);
                return;
            }
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(new PreAuthenticatedAuthenticationToken(key, "", List.of()));
            SecurityContextHolder.setContext(context);
            try {
                chain.doFilter(request, response);
            } finally {
                SecurityContextHolder.clearContext();
            }
        }

        private static void refuse(HttpServletRequest request, HttpServletResponse response, CrewKey key)
                throws IOException {
            if (request.getRequestURI().endsWith("/phone")) {
                response.sendRedirect(CrewController.PATH + "?ended");
            } else {
                Plainly.json(
                        response,
                        HttpServletResponse.SC_GONE,
                        key.standing() == Standing.OVER
                                ? "This phone's way in ended more than 30 days ago: nothing of it is taken any more."
                                : "This phone's way in has ended.");
            }
        }
    }
}
