package upshot.app.account;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Counts failed sign-ins per account and per network address; both are kept in the database, over restarts. */
@Component
class Attempts {

    private final JdbcClient jdbc;
    private final SignInSettings settings;
    private final Clock clock;

    Attempts(JdbcClient jdbc, SignInSettings settings, Clock clock) {
        this.jdbc = jdbc;
        this.settings = settings;
        this.clock = clock;
    }

    /** Whether so much has failed lately that nothing is tried any more, whoever asks. */
    boolean exhausted(String email, String address) {
        return failures(account(email)) >= settings.accountTries()
                || failures(address(address)) >= settings.addressTries();
    }

    @Transactional
    void failed(String email, String address) {
        jdbc.sql("delete from sign_in_failure where at < ?").param(oldest()).update();
        for (String subject : new String[] {account(email), address(address)}) {
            jdbc.sql("insert into sign_in_failure (subject, at) values (?, ?)")
                    .params(subject, utc(clock.instant()))
                    .update();
        }
    }

    /** A right password forgives the account its failures, not the address. */
    @Transactional
    void succeeded(String email) {
        jdbc.sql("delete from sign_in_failure where subject = ?")
                .param(account(email))
                .update();
    }

    private int failures(String subject) {
        return jdbc.sql("select count(*) from sign_in_failure where subject = ? and at >= ?")
                .params(subject, oldest())
                .query(Integer.class)
                .single();
    }

    private LocalDateTime oldest() {
        return utc(clock.instant().minus(settings.window()));
    }

    private static LocalDateTime utc(Instant instant) {
        return LocalDateTime.ofInstant(instant, ZoneOffset.UTC);
    }

    private static String account(String email) {
        String name = Account.signInName(email);
        return "account:" + name.substring(0, Math.min(200, name.length()));
    }

    private static String address(String address) {
        return "address:" + address;
    }
}
