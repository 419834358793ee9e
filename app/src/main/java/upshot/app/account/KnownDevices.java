package upshot.app.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Browsers from which an account has signed in before: whoever tries passwords elsewhere does not lock those out. */
@Component
class KnownDevices {

    private static final String COOKIE = "UPSHOT_DEVICE";
    private static final int LONGEST = 100;
    private static final Duration KEPT = Duration.ofDays(365);

    private final JdbcClient jdbc;
    private final Clock clock;
    private final boolean secure;

    KnownDevices(JdbcClient jdbc, Clock clock, @Value("${server.servlet.session.cookie.secure:false}") boolean secure) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.secure = secure;
    }

    /** What the browser's cookie holds, empty for none. */
    static String cookie(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return (cookies == null ? Stream.<Cookie>empty() : Arrays.stream(cookies))
                .filter(cookie ->
                        cookie.getName().equals(COOKIE) && cookie.getValue().length() <= LONGEST)
                .map(Cookie::getValue)
                .findFirst()
                .orElse("");
    }

    boolean known(String device, UUID accountId) {
        return !device.isEmpty()
                && jdbc.sql("select count(*) from known_device where secret_hash = ? and account_id = ?")
                                .params(Secrets.hash(device), accountId.toString())
                                .query(Integer.class)
                                .single()
                        > 0;
    }

    /** Gives the browser a new cookie for the account, in place of the one it had for it. */
    @Transactional
    public void greet(String before, UUID accountId, HttpServletResponse response) {
        String secret = Secrets.made();
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        jdbc.sql("delete from known_device where secret_hash = ? or seen_at < ?")
                .params(Secrets.hash(before), now.minus(KEPT))
                .update();
        jdbc.sql("insert into known_device (secret_hash, account_id, seen_at) values (?, ?, ?)")
                .params(Secrets.hash(secret), accountId.toString(), now)
                .update();
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, secret)
                        .httpOnly(true)
                        .secure(secure)
                        .sameSite("Lax")
                        .path("/sign-in")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }

    @Transactional
    public void forget(UUID accountId) {
        jdbc.sql("delete from known_device where account_id = ?")
                .param(accountId.toString())
                .update();
    }
}
