package upshot.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upshot.app.AppTest;
import upshot.app.People;

@AppTest
class SignInTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private People people;

    @Autowired
    private JdbcClient jdbc;

    @LocalServerPort
    private int port;

    private ResultActions signIn(String email, String password) throws Exception {
        return mvc.perform(post("/sign-in").with(csrf()).param("email", email).param("password", password));
    }

    @Test
    void the_right_password_leads_to_the_jobs_whatever_the_case_of_the_address() throws Exception {
        Account account = people.account();

        signIn(account.email().toUpperCase(), People.PASSWORD).andExpect(redirectedUrl("/jobs"));
        signIn(account.email(), "wrong").andExpect(redirectedUrl("/sign-in?wrong"));
        signIn("nobody@test.example", People.PASSWORD).andExpect(redirectedUrl("/sign-in?wrong"));
    }

    @Test
    void after_eight_wrong_passwords_even_the_right_one_waits() throws Exception {
        Account account = people.account();
        for (int i = 0; i < 7; i++) {
            signIn(account.email(), "wrong").andExpect(redirectedUrl("/sign-in?wrong"));
        }
        signIn(account.email(), People.PASSWORD).andExpect(redirectedUrl("/jobs"));
        for (int i = 0; i < 8; i++) {
            signIn(account.email(), "wrong").andExpect(redirectedUrl("/sign-in?wrong"));
        }

        signIn(account.email(), People.PASSWORD).andExpect(redirectedUrl("/sign-in?wait"));
        signIn(people.account().email(), People.PASSWORD).andExpect(redirectedUrl("/jobs"));
    }

    @Test
    void passwords_are_stored_as_argon2id() {
        Account account = people.account();

        assertThat(jdbc.sql("select password_hash from account where id = ?")
                        .param(account.id().toString())
                        .query(String.class)
                        .single())
                .startsWith("{argon2id}$argon2id$");
    }

    @Test
    void the_demo_shows_its_account_and_nobody_makes_another_owner() throws Exception {
        mvc.perform(get("/sign-in")).andExpect(content().string(containsString("saltmarsh-clay")));
        mvc.perform(get("/first")).andExpect(status().isNotFound());
        mvc.perform(post("/first")
                        .with(csrf())
                        .param("code", "X")
                        .param("displayName", "X")
                        .param("email", "x@x.example")
                        .param("password", "long enough 1"))
                .andExpect(status().isNotFound());
    }

    @Test
    void every_answer_carries_the_strict_policy() throws Exception {
        mvc.perform(get("/sign-in"))
                .andExpect(header().string(
                                "Content-Security-Policy",
                                "default-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self';"
                                        + " frame-ancestors 'none'"))
                .andExpect(content().string(not(containsString("<style"))))
                .andExpect(content().string(not(containsString(" style="))));
    }

    @Test
    void the_session_cookie_is_closed_to_scripts_and_other_sites_and_sessions_live_in_the_database() throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/sign-in"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        String cookie = answer.headers().firstValue("Set-Cookie").orElseThrow();

        assertThat(cookie).startsWith("UPSHOT=").contains("HttpOnly", "SameSite=Lax");
        assertThat(jdbc.sql("select count(*) from SPRING_SESSION")
                        .query(Integer.class)
                        .single())
                .isPositive();
    }
}
