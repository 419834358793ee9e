package upshot.app.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Counts tries to get in, before the password or code is looked at, so that many at once are counted like many in a row. They are
 * kept in the database, over restarts.
 */
@Component
public class Tries {

    private static final int MOST_DOUBLINGS = 20;

    private final JdbcClient jdbc;
    private final SignInSettings settings;
    private final Clock clock;

    Tries(JdbcClient jdbc, SignInSettings settings, Clock clock) {
        this.jdbc = jdbc;
        this.settings = settings;
        this.clock = clock;
    }

    private record Counted(int tries, LocalDateTime lastAt) {}

    /**
     * Counts a try, unless it comes too soon.
     *
     * @param subject where it comes from and whose account it is for
     * @param free how many may follow one another without a wait
     * @return how long to wait; empty where the password may be looked at
     */
    @Transactional
    public Optional<Duration> count(String subject, int free) {
        Instant now = clock.instant();
        jdbc.sql(
                        "insert into sign_in_try (subject, tries, last_at) values (?, 0, ?) on duplicate key update tries = tries")
                .params(subject, utc(now))
                .update();
        // The row is locked by then: the insertion locks it for writing also where it was there already.
        Counted before = jdbc.sql("select tries, last_at from sign_in_try where subject = ? for update")
                .param(subject)
                .query(Counted.class)
                .single();
        Instant last = before.lastAt().toInstant(ZoneOffset.UTC);
        boolean forgotten = last.plus(settings.window()).isBefore(now);
        int tries = forgotten ? 0 : before.tries();
        // A clock that was set back must not make anybody wait for longer than the longest wait.
        Duration left = wait(tries - free).minus(Duration.between(last, now).abs());
        if (!left.isNegative() && !left.isZero()) {
            return Optional.of(left);
        }
        jdbc.sql("update sign_in_try set tries = ?, last_at = ? where subject = ?")
                .params(tries + 1, utc(now), subject)
                .update();
        return Optional.empty();
    }

    /** A right password forgives what was tried from there before. */
    @Transactional
    public void forgive(String subject) {
        jdbc.sql("delete from sign_in_try where subject = ? or last_at < ?")
                .params(subject, utc(clock.instant().minus(settings.window())))
                .update();
    }

    /** Nothing while tries are free, then a second, doubled with each. */
    private Duration wait(int beyond) {
        if (beyond < 0) {
            return Duration.ZERO;
        }
        Duration doubled = Duration.ofSeconds(1L << Math.min(beyond, MOST_DOUBLINGS));
        return doubled.compareTo(settings.longestWait()) < 0 ? doubled : settings.longestWait();
    }

    private static LocalDateTime utc(Instant instant) {
        return LocalDateTime.ofInstant(instant, ZoneOffset.UTC);
    }
}
