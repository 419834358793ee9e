package upshot.app.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.stereotype.Component;

/** The headers of every answer. */
@Component
public class AnswerHeaders {

    /** What a page may load: the program's own files, and nothing from anywhere else. */
    public static final String POLICY =
            "default-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self';" + " frame-ancestors 'none'";

    private final boolean onLocalNetwork;

    AnswerHeaders(@Value("${upshot.lan.folder:}") String lan) {
        this.onLocalNetwork = !lan.isEmpty();
    }

    public HttpSecurity on(HttpSecurity http) throws Exception {
        return http.headers(headers -> {
            headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                            permissions -> permissions.policy("camera=(), microphone=(), geolocation=(), payment=()"));
            if (onLocalNetwork) {
                // It would hold for the name's every port: the page on how to trust it must stay open without.
                headers.httpStrictTransportSecurity(HeadersConfigurer.HstsConfig::disable);
            }
        });
    }
}
