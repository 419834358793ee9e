package upshot.app.account;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import upshot.core.finding.Wording;

/**
 * Looks at a password, and counts before it does: whatever way a request came here, this is where passwords are tried. A
 * few are checked at once, since each check takes memory on purpose.
 */
@Component
class CountedSignIn implements AuthenticationProvider {

    private static final int LONGEST_NAME = 200;
    private static final Duration TURN_WITHIN = Duration.ofSeconds(5);

    private final Accounts accounts;
    private final Tries tries;
    private final KnownDevices devices;
    private final SignInSettings settings;
    private final DaoAuthenticationProvider check;
    private final Semaphore checking;

    CountedSignIn(
            Accounts accounts, Tries tries, KnownDevices devices, SignInSettings settings, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.tries = tries;
        this.devices = devices;
        this.settings = settings;
        this.check = new DaoAuthenticationProvider(accounts);
        check.setPasswordEncoder(passwords);
        this.checking = new Semaphore(settings.checksAtOnce(), true);
    }

    /** Too many tries lately; nothing was looked at. */
    static final class WaitFirst extends AuthenticationException {

        private static final long serialVersionUID = 1L;

        private final long seconds;

        WaitFirst(Duration wait) {
            super("Wait first");
            this.seconds = Math.max(1, wait.plusMillis(999).toSeconds());
        }

        long seconds() {
            return seconds;
        }
    }

    @Override
    public Authentication authenticate(Authentication asked) {
        Whence whence = (Whence) asked.getDetails();
        String name = Wording.begin(Account.signInName(asked.getName()), LONGEST_NAME);
        boolean known = accounts.find(name)
                .filter(account -> devices.known(whence.device(), account.id()))
                .isPresent();
        String subject = subject(whence, name, known);
        Optional<Duration> wait = tries.count(subject, known ? settings.knownDeviceTries() : settings.freeTries());
        if (wait.isPresent()) {
            throw new WaitFirst(wait.get());
        }
        Authentication found = checked(asked);
        tries.forgive(subject);
        return found;
    }

    private static String subject(Whence whence, String name, boolean known) {
        return known
                ? "device:%s|%s".formatted(Secrets.hash(whence.device()), name)
                : "%s|%s".formatted(whence.address(), name);
    }

    private Authentication checked(Authentication asked) {
        try {
            if (!checking.tryAcquire(TURN_WITHIN.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new WaitFirst(TURN_WITHIN);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new WaitFirst(TURN_WITHIN);
        }
        try {
            return check.authenticate(asked);
        } finally {
            checking.release();
        }
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }
}
