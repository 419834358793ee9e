package upshot.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;

/** Passwords are tried a few at a time, however the sign-in is spelt and however many come at once. */
@AppTest
class TriesAreCountedTest {

    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private static final int FREE = 5;
    private static final int AT_ONCE = 200;
    private static final List<String> SPELLINGS =
            List.of("/sign-in", "/sign%2Din", "/%73ign-in", "/sign-in?x=1", "/./sign-in", "/sign%2din");

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private People people;

    @LocalServerPort
    private int port;

    private final String subject = "test|" + UUID.randomUUID();
    private Instant now = NOON;

    private Tries tries() {
        return new Tries(
                jdbc, new SignInSettings(FREE, 20, Duration.ofSeconds(60), Duration.ofMinutes(15), 4), new Clock() {
                    @Override
                    public ZoneId getZone() {
                        return ZoneOffset.UTC;
                    }

                    @Override
                    public Clock withZone(ZoneId zone) {
                        return this;
                    }

                    @Override
                    public Instant instant() {
                        return now;
                    }
                });
    }

    private long waits() {
        return tries().count(subject, FREE).map(Duration::toSeconds).orElse(0L);
    }

    @Test
    void five_are_free_then_one_second_doubles_to_sixty() {
        for (int i = 0; i < FREE; i++) {
            assertThat(waits()).as("try %d", i + 1).isZero();
        }
        for (long wait : new long[] {1, 2, 4, 8, 16, 32, 60, 60}) {
            assertThat(waits()).isEqualTo(wait);
            now = now.plusSeconds(wait).minusMillis(1);
            assertThat(tries().count(subject, FREE)).as("a moment too soon").isPresent();
            now = now.plusMillis(1);
            assertThat(waits()).as("after " + wait + " s").isZero();
        }
    }

    @Test
    void they_are_forgotten_after_a_while_and_by_the_right_password_and_elsewhere_they_are_others() {
        for (int i = 0; i < FREE; i++) {
            waits();
        }
        assertThat(waits()).isPositive();
        assertThat(tries().count(subject + " elsewhere", FREE)).isEmpty();
        now = now.plus(Duration.ofMinutes(15)).plusMillis(1);
        assertThat(waits()).isZero();
        for (int i = 1; i < FREE; i++) {
            waits();
        }
        assertThat(waits()).isPositive();
        tries().forgive(subject);
        assertThat(waits()).isZero();
    }

    @Test
    void a_clock_that_was_set_back_makes_nobody_wait_longer_than_the_longest_wait() {
        for (int i = 0; i < FREE; i++) {
            waits();
        }
        now = now.minus(Duration.ofDays(2));

        assertThat(waits()).isLessThanOrEqualTo(60);
    }

    @Test
    void two_hundred_at_once_over_every_spelling_try_no_more_than_are_free_and_a_known_device_signs_in_meanwhile()
            throws Exception {
        Account account = people.account();
        Web owner = new Web(port).signIn(account.email(), People.PASSWORD);
        owner.signOut();
        Web stranger = new Web(port);
        String token = stranger.token("/sign-in");
        ExecutorService many = Executors.newFixedThreadPool(AT_ONCE / 4);
        List<Future<HttpResponse<String>>> asked = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            String path = SPELLINGS.get(i % SPELLINGS.size());
            String email =
                    i % 3 == 0 ? account.email().toUpperCase() : i % 3 == 1 ? " " + account.email() : account.email();
            asked.add(many.submit(
                    () -> stranger.post(path, "_csrf", token, "email", email, "password", "wrong wrong wrong")));
        }
        owner.signIn(account.email(), People.PASSWORD).signOut();
        int tried = 0;
        for (Future<HttpResponse<String>> one : asked) {
            HttpResponse<String> answer = one.get();
            assertThat(answer.statusCode()).isIn(401, 429, 400, 404);
            if (answer.statusCode() == 429) {
                assertThat(answer.headers().firstValueAsLong("Retry-After").orElseThrow())
                        .isBetween(1L, 60L);
                assertThat(answer.body()).contains("Too many tries. Wait ");
            }
            tried += answer.statusCode() == 401 ? 1 : 0;
        }
        many.shutdown();

        // All of it takes some seconds, in which further tries become free one after the other.
        assertThat(tried).isBetween(FREE, FREE + 3);
        // Where all of it took longer than the wait, the next wrong one makes it longer.
        int last = 0;
        for (int i = 0; i < 4 && last != 429; i++) {
            last = status(stranger, account, "wrong wrong wrong");
        }
        assertThat(status(stranger, account, People.PASSWORD))
                .as("from elsewhere even the right password waits")
                .isEqualTo(429);
        owner.signIn(account.email(), People.PASSWORD);
        new Web(port).signIn(people.account().email(), People.PASSWORD);
    }

    private static int status(Web web, Account account, String password) throws Exception {
        return web.trySignIn("/sign-in", account.email(), password).statusCode();
    }

    @Test
    void an_address_that_is_only_said_to_be_another_is_the_same() throws Exception {
        Account account = people.account();
        Web stranger = new Web(port);
        String form = "_csrf=%s&email=%s&password=wrong"
                .formatted(
                        URLEncoder.encode(stranger.token("/sign-in"), StandardCharsets.UTF_8),
                        URLEncoder.encode(account.email(), StandardCharsets.UTF_8));
        int last = 0;
        for (int i = 0; i <= FREE; i++) {
            last = stranger.send(stranger.request("/sign-in")
                            .header("Content-Type", "application/x-www-form-urlencoded")
                            .header("X-Forwarded-For", "10.0.0." + i)
                            .header("Forwarded", "for=10.0.0." + i)
                            .POST(HttpRequest.BodyPublishers.ofString(form)))
                    .statusCode();
        }
        assertThat(last).isEqualTo(429);
    }

    @Test
    void a_known_device_has_twenty_of_its_own_and_no_more() throws Exception {
        Account account = people.account();
        Web owner = new Web(port).signIn(account.email(), People.PASSWORD).signOut();
        int tried = 0;
        for (int i = 0; i < 24; i++) {
            tried += owner.trySignIn("/sign-in", account.email(), "wrong").statusCode() == 401 ? 1 : 0;
        }
        assertThat(tried).isBetween(20, 21);
    }
}
