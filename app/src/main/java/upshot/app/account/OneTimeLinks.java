package upshot.app.account;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Links with which somebody who forgot their password chooses another: each works once, for a day. */
@Component
class OneTimeLinks {

    private static final Duration WORKS = Duration.ofHours(24);

    private final JdbcClient jdbc;
    private final Clock clock;

    OneTimeLinks(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The secret of a new link; earlier ones for the account end. */
    @Transactional
    public String make(UUID accountId) {
        String secret = Secrets.made();
        jdbc.sql("delete from one_time_link where account_id = ? or expires_at < ?")
                .params(accountId.toString(), now())
                .update();
        jdbc.sql("insert into one_time_link (secret_hash, account_id, expires_at) values (?, ?, ?)")
                .params(Secrets.hash(secret), accountId.toString(), now().plus(WORKS))
                .update();
        return secret;
    }

    /** Whose link it is; it does not work a second time. */
    @Transactional
    public Optional<UUID> use(String secret) {
        Optional<UUID> whose = jdbc.sql(
                        "select account_id from one_time_link where secret_hash = ? and expires_at > ? for update")
                .params(Secrets.hash(secret), now())
                .query(UUID.class)
                .optional();
        jdbc.sql("delete from one_time_link where secret_hash = ?")
                .param(Secrets.hash(secret))
                .update();
        return whose;
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
