package upshot.app;

import java.util.UUID;
import org.springframework.boot.test.context.TestComponent;
import upshot.app.account.Account;
import upshot.app.account.Accounts;
import upshot.app.account.SignedIn;

/** Makes people for tests. */
@TestComponent
public class People {

    public static final String PASSWORD = "quiet-harbour-7";

    private final Accounts accounts;

    People(Accounts accounts) {
        this.accounts = accounts;
    }

    public Account account() {
        return accounts.create("person-" + UUID.randomUUID() + "@test.example", "Test Person", PASSWORD);
    }

    public SignedIn person() {
        return new SignedIn(account());
    }
}
