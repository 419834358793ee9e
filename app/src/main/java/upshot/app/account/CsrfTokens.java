package upshot.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.HttpSessionCsrfTokenRepository;

/**
 * Tokens against forged requests. Whoever is signed in has theirs in the session, where no other page of this machine can
 * put one; a stranger has it in a cookie, so that a visit to the sign-in page leaves nothing behind.
 */
final class CsrfTokens implements CsrfTokenRepository {

    private static final String HEADER = "X-CSRF-TOKEN";

    private final HttpSessionCsrfTokenRepository inSession = new HttpSessionCsrfTokenRepository();
    private final CookieCsrfTokenRepository inCookie = new CookieCsrfTokenRepository();

    CsrfTokens(boolean secure) {
        inCookie.setCookieName("UPSHOT_FORM");
        inCookie.setHeaderName(HEADER);
        inCookie.setCookieCustomizer(
                cookie -> cookie.httpOnly(true).sameSite("Lax").secure(secure));
    }

    private CsrfTokenRepository of(HttpServletRequest request) {
        return request.getSession(false) == null ? inCookie : inSession;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return of(request).generateToken(request);
    }

    @Override
    public void saveToken(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveToken(token, request, response);
    }

    @Override
    public CsrfToken loadToken(HttpServletRequest request) {
        return of(request).loadToken(request);
    }
}
