package upshot.app.account;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.util.matcher.MediaTypeRequestMatcher;
import org.springframework.web.accept.HeaderContentNegotiationStrategy;

/** What may be asked by whom, and the headers of every answer. Everything not named here needs a signed-in person. */
@Configuration
class Security {

    /** The one script that compiles WebAssembly, in a worker with a policy of its own: no page may. */
    private static final String WORKER = "/js/day/numbers.js";

    private static final String WORKER_POLICY = AnswerHeaders.POLICY + "; script-src 'self' 'wasm-unsafe-eval'";

    /** The page that plays clips chosen on this computer, to take a picture of each; they stay in it. */
    private static final String HAND_OFF = "/hand-off";

    private static final String HAND_OFF_POLICY =
            AnswerHeaders.POLICY + "; media-src 'self' blob:; img-src 'self' blob:";

    private static final String[] OPEN = {
        "/sign-in", "/first", NewPasswordController.PATH, "/crew", "/trust", "/trust/**", "/error"
    };

    private static final String[] FILES = {
        "/favicon.ico", "/icons/**", "/css/**", "/fonts/**", "/js/**", "/v*/js/**", "/b*/js/**", "/webjars/**"
    };

    /** Argon2id with the memory and passes that Spring Security recommends; the prefix lets it be changed later. */
    @Bean
    PasswordEncoder passwordEncoder() {
        String current = "argon2id";
        return new DelegatingPasswordEncoder(
                current, Map.of(current, Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8()));
    }

    /** Files that ship with the program are the same for everybody: nobody's session is looked up for them. */
    @Bean
    @Order(Ordered.HIGHEST_PRECEDENCE)
    SecurityFilterChain files(HttpSecurity http, AnswerHeaders headers) throws Exception {
        return headers.on(http.securityMatcher(FILES)
                        .headers(more -> more.addHeaderWriter(Security::widerPolicy))
                        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                        .securityContext(context -> context.disable())
                        .sessionManagement(sessions -> sessions.disable())
                        .requestCache(cache -> cache.disable())
                        .anonymous(nobody -> nobody.disable())
                        .csrf(csrf -> csrf.disable()))
                .build();
    }

    private static void widerPolicy(HttpServletRequest request, HttpServletResponse response) {
        if (request.getRequestURI().endsWith(WORKER)) {
            response.setHeader("Content-Security-Policy", WORKER_POLICY);
        } else if (request.getRequestURI().endsWith(HAND_OFF)) {
            response.setHeader("Content-Security-Policy", HAND_OFF_POLICY);
        }
    }

    @Bean
    SecurityFilterChain filters(
            HttpSecurity http,
            AnswerHeaders headers,
            SignInGuard guard,
            CountedSignIn signIn,
            @Value("${server.servlet.session.cookie.secure:false}") boolean secure)
            throws Exception {
        RequestCache asked = pagesOnly();
        MediaTypeRequestMatcher json =
                new MediaTypeRequestMatcher(new HeaderContentNegotiationStrategy(), MediaType.APPLICATION_JSON);
        json.setUseEquals(true);
        return headers.on(http.headers(more -> more.addHeaderWriter(Security::widerPolicy))
                        .authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(DispatcherType.ERROR)
                                .permitAll()
                                .requestMatchers(OPEN)
                                .permitAll()
                                .anyRequest()
                                .authenticated())
                        .formLogin(form -> form.loginPage(SignInGuard.SIGN_IN)
                                .usernameParameter("email")
                                .authenticationDetailsSource(Whence::of)
                                .successHandler(
                                        (request, response, who) -> guard.succeeded(request, response, who, asked))
                                .failureHandler(guard::failed)
                                .permitAll())
                        // This one alone: a second one behind it would look at the password again, uncounted.
                        .authenticationManager(new ProviderManager(signIn))
                        .logout(out -> out.logoutUrl("/sign-out")
                                // What the browser has kept of a job's pages goes with the session: "back" shows
                                // nothing of it. (The framework's own writer leaves it out on the loopback.)
                                .addLogoutHandler(
                                        (request, response, who) -> response.setHeader("Clear-Site-Data", "\"cache\""))
                                .logoutSuccessUrl("/sign-in?out"))
                        .requestCache(cache -> cache.requestCache(asked))
                        .exceptionHandling(errors -> errors.defaultAuthenticationEntryPointFor(
                                new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), json))
                        .csrf(csrf -> csrf.csrfTokenRepository(new CsrfTokens(secure))))
                .build();
    }

    /**
     * After signing in one lands on the page that was asked for, never on a picture or a script. Which it was is kept by
     * the browser: a stranger leaves nothing here.
     */
    private static RequestCache pagesOnly() {
        MediaTypeRequestMatcher page =
                new MediaTypeRequestMatcher(new HeaderContentNegotiationStrategy(), MediaType.TEXT_HTML);
        page.setIgnoredMediaTypes(Set.of(MediaType.ALL));
        CookieRequestCache cache = new CookieRequestCache();
        cache.setRequestMatcher(page);
        return cache;
    }
}
