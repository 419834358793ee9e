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

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.security.test.web.support.WebTestUtils;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.web.context.WebApplicationContext;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;

@AppTest
class SignInTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private People people;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private WebApplicationContext context;

    @LocalServerPort
    private int port;

    private ResultActions signIn(String email, String password) throws Exception {
        return mvc.perform(post("/sign-in").with(csrf()).param("email", email).param("password", password));
    }

    @Test
    void the_right_password_leads_to_the_jobs_whatever_the_case_of_the_address() throws Exception {
        Account account = people.account();

        signIn(account.email().toUpperCase(), People.PASSWORD).andExpect(redirectedUrl("/jobs"));
        signIn(account.email(), "wrong")
                .andExpect(status().isUnauthorized())
                .andExpect(content().string(containsString("do not belong together")))
                .andExpect(content().string(containsString("value=\"" + account.email())));
        signIn("nobody@test.example", People.PASSWORD).andExpect(status().isUnauthorized());
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
    void a_stranger_s_visit_leaves_nothing_behind_and_cookies_are_closed_to_scripts_and_other_sites() throws Exception {
        Account account = people.account();
        // Tests that bring a token of their own have put another store of them in its place.
        WebTestUtils.setCsrfTokenRepository(
                new MockHttpServletRequest(context.getServletContext()), new CsrfTokens(false));
        int sessions = sessions();
        Web web = new Web(port);
        HttpResponse<String> stranger = web.send(web.request("/sign-in"));
        assertThat(sessions()).as("sessions after the sign-in page").isEqualTo(sessions);
        web.get("/account");

        assertThat(sessions()).as("sessions after a stranger's visit").isEqualTo(sessions);
        assertThat(stranger.headers().allValues("Set-Cookie")).allMatch(SignInTest::closed);
        HttpResponse<String> signedIn = web.trySignIn("/sign-in", account.email(), People.PASSWORD);
        assertThat(signedIn.headers().allValues("Set-Cookie"))
                .anyMatch(cookie -> cookie.startsWith("UPSHOT="))
                .anyMatch(cookie -> cookie.startsWith("UPSHOT_DEVICE="))
                .filteredOn(cookie -> !cookie.contains("Max-Age=0"))
                .allMatch(SignInTest::closed);
        assertThat(signedIn.headers().firstValue("Location").orElseThrow())
                .as("the page that was asked for")
                .endsWith("/account");
        assertThat(sessions()).isEqualTo(sessions + 1);
    }

    private int sessions() {
        return jdbc.sql("select count(*) from SPRING_SESSION")
                .query(Integer.class)
                .single();
    }

    private static boolean closed(String cookie) {
        return cookie.contains("HttpOnly") && (cookie.contains("SameSite=Lax") || cookie.startsWith("REDIRECT_URI"));
    }
}
