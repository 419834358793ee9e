package upshot.app.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stands before the sign-in: refuses when too much has failed, and counts what fails. */
@Component
class SignInGuard {

    static final String SIGN_IN = "/sign-in";

    private final Attempts attempts;
    private final SavedRequestAwareAuthenticationSuccessHandler onward =
            new SavedRequestAwareAuthenticationSuccessHandler();

    SignInGuard(Attempts attempts) {
        this.attempts = attempts;
        onward.setDefaultTargetUrl("/jobs");
    }

    void succeeded(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws IOException, ServletException {
        attempts.succeeded(who.getName());
        onward.onAuthenticationSuccess(request, response, who);
    }

    void failed(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException {
        attempts.failed(email(request), request.getRemoteAddr());
        response.sendRedirect(SIGN_IN + "?wrong");
    }

    private static String email(HttpServletRequest request) {
        String email = request.getParameter("email");
        return email == null ? "" : email;
    }

    /** The filter that runs before the password is looked at. */
    OncePerRequestFilter filter() {
        return new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                boolean signingIn = "POST".equals(request.getMethod())
                        && request.getRequestURI().equals(request.getContextPath() + SIGN_IN);
                if (signingIn && attempts.exhausted(email(request), request.getRemoteAddr())) {
                    response.sendRedirect(SIGN_IN + "?wait");
                    return;
                }
                chain.doFilter(request, response);
            }
        };
    }
}
