package upshot.app.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.View;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;
import upshot.core.finding.Wording;

/** What follows a try to sign in: onward, or the page again with what was typed and why. */
@Component
class SignInGuard {

    static final String SIGN_IN = "/sign-in";
    static final String PAGE = "account/sign-in";

    private static final int LONGEST_SHOWN = 200;

    private final KnownDevices devices;
    private final ThymeleafViewResolver views;
    private final Optional<ShownAccount> shown;

    SignInGuard(KnownDevices devices, ThymeleafViewResolver views, Optional<ShownAccount> shown) {
        this.devices = devices;
        this.views = views;
        this.shown = shown;
    }

    void succeeded(HttpServletRequest request, HttpServletResponse response, Authentication who, RequestCache asked)
            throws IOException, ServletException {
        devices.greet(KnownDevices.cookie(request), ((SignedIn) who.getPrincipal()).id(), response);
        SavedRequestAwareAuthenticationSuccessHandler onward = new SavedRequestAwareAuthenticationSuccessHandler();
        onward.setRequestCache(asked);
        onward.setDefaultTargetUrl("/jobs");
        onward.onAuthenticationSuccess(request, response, who);
    }

    void failed(HttpServletRequest request, HttpServletResponse response, AuthenticationException why) {
        Map<String, Object> model = new HashMap<>();
        model.put("shown", shown.orElse(null));
        model.put(
                "typed",
                Wording.begin(Optional.ofNullable(request.getParameter("email")).orElse(""), LONGEST_SHOWN));
        if (why instanceof CountedSignIn.WaitFirst wait) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(wait.seconds()));
            model.put("wait", wait.seconds());
        } else {
            response.setStatus(HttpStatus.UNAUTHORIZED.value());
            model.put("wrong", true);
        }
        try {
            View page = views.resolveViewName(PAGE, Locale.ENGLISH);
            page.render(model, request, response);
        } catch (Exception broken) {
            throw new IllegalStateException("The sign-in page cannot be shown", broken);
        }
    }
}
