package upshot.app.handoff;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import upshot.app.account.AnswerHeaders;

/**
 * Requests of editors. Whoever has the secret in the address has all that there is behind it: no session is looked up, and
 * there is nothing that another site could ride on.
 */
@Configuration
class EditorSecurity {

    @Bean
    @Order(1)
    SecurityFilterChain editors(HttpSecurity http, AnswerHeaders headers) throws Exception {
        return headers.on(http.securityMatcher(EditorController.PATH + "*", EditorController.PATH + "*/remarks")
                        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                        .securityContext(context -> context.disable())
                        .sessionManagement(sessions -> sessions.disable())
                        .requestCache(cache -> cache.disable())
                        .csrf(csrf -> csrf.disable()))
                .build();
    }
}
