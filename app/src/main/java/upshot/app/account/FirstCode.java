package upshot.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The one-time code that guards the page on which the owner's account is made; it is printed in the console only. */
@Component
class FirstCode {

    private static final Logger LOG = LoggerFactory.getLogger(FirstCode.class);
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
        return MessageDigest.isEqual(wanted, TypedCode.plain(given).getBytes(StandardCharsets.UTF_8));
    }

    /** The code, made when it is first needed. */
    synchronized String code() {
        if (code == null) {
            code = TypedCode.made();
        }
        return code;
    }
}
