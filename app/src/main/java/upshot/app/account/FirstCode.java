package upshot.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The one-time code that guards the page on which the owner's account is made; it is printed in the console only. */
@Component
class FirstCode {

    private static final Logger LOG = LoggerFactory.getLogger(FirstCode.class);
    /** Without letters that are mistaken for one another when they are typed off a screen. */
    private static final String ALPHABET = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 12;
    private static final int MOST_TRIES = 20;

    private final Accounts accounts;
    private String code;
    private int triesLeft = MOST_TRIES;

    FirstCode(Accounts accounts) {
        this.accounts = accounts;
    }

    @EventListener(ApplicationReadyEvent.class)
    synchronized void announce() {
        if (!accounts.any()) {
            LOG.info("No account yet. Open /first and make the owner's account with this code: {}", code());
        }
    }

    /** Whether the code is the one printed; after many wrong ones none is right until the next start. */
    synchronized boolean matches(String given) {
        if (triesLeft-- <= 0) {
            return false;
        }
        byte[] wanted = code().getBytes(StandardCharsets.UTF_8);
        return MessageDigest.isEqual(
                wanted, given.strip().toUpperCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8));
    }

    /** The code, made when it is first needed. */
    synchronized String code() {
        if (code == null) {
            SecureRandom random = new SecureRandom();
            StringBuilder made = new StringBuilder();
            random.ints(LENGTH, 0, ALPHABET.length()).forEach(index -> made.append(ALPHABET.charAt(index)));
            code = made.toString();
        }
        return code;
    }
}
