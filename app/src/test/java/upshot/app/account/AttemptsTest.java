package upshot.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.AppTest;

@AppTest
class AttemptsTest {

    private static final Instant NOON = Instant.parse("2031-05-04T12:00:00Z");
    private static final SignInSettings SETTINGS = new SignInSettings(3, 5, Duration.ofMinutes(15));

    @Autowired
    private JdbcClient jdbc;

    private final String email = UUID.randomUUID() + "@test.example";
    private final String address = "192.0.2." + UUID.randomUUID();

    private Attempts at(Instant now) {
        return new Attempts(jdbc, SETTINGS, Clock.fixed(now, ZoneOffset.UTC));
    }

    private void fail(String who, int times) {
        for (int i = 0; i < times; i++) {
            at(NOON).failed(who, address);
        }
    }

    @Test
    void an_account_is_closed_after_its_tries_from_wherever_they_came() {
        fail(email, 2);
        assertThat(at(NOON).exhausted(email, address)).isFalse();
        fail(email.toUpperCase(Locale.ROOT), 1);
        assertThat(at(NOON).exhausted(email, "elsewhere")).isTrue();
    }

    @Test
    void an_address_is_closed_after_its_tries_at_whatever_accounts() {
        for (int i = 0; i < 5; i++) {
            assertThat(at(NOON).exhausted("another@test.example", address)).isFalse();
            fail(UUID.randomUUID() + "@test.example", 1);
        }
        assertThat(at(NOON).exhausted("another@test.example", address)).isTrue();
    }

    @Test
    void failures_count_for_a_quarter_of_an_hour() {
        fail(email, 3);

        assertThat(at(NOON.plus(SETTINGS.window())).exhausted(email, address)).isTrue();
        assertThat(at(NOON.plus(SETTINGS.window()).plusMillis(1)).exhausted(email, address))
                .isFalse();
    }

    @Test
    void success_forgives_the_account_but_not_the_address() {
        fail(email, 5);
        at(NOON).succeeded(email);

        assertThat(at(NOON).exhausted(email, "elsewhere")).isFalse();
        assertThat(at(NOON).exhausted(email, address)).isTrue();
    }
}
