package upshot.app.account;

import java.time.Clock;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes an account away. */
@Service
class Leaving {

    private final AccountRepository accounts;
    private final ApplicationEventPublisher events;
    private final OpenSessions sessions;
    private final KnownDevices devices;
    private final Clock clock;

    Leaving(
            AccountRepository accounts,
            ApplicationEventPublisher events,
            OpenSessions sessions,
            KnownDevices devices,
            Clock clock) {
        this.accounts = accounts;
        this.events = events;
        this.sessions = sessions;
        this.devices = devices;
        this.clock = clock;
    }

    /** All of it at once or nothing; the owner's account stays. */
    @Transactional
    public void leave(UUID accountId) {
        Account account = accounts.findById(accountId)
                .filter(one -> !one.isOwner() && !one.left())
                .orElseThrow();
        events.publishEvent(new AccountLeaves(accountId));
        String name = account.email();
        account.leave(clock.instant());
        devices.forget(accountId);
        sessions.endAll(name);
    }
}
