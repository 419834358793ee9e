package upshot.app;

import java.util.UUID;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.account.Account;
import upshot.app.account.Accounts;
import upshot.app.account.SignedIn;

/** Makes people for tests. */
@TestComponent
public class People {

    public static final String PASSWORD = "quiet-harbour-7";

    private final Accounts accounts;
    private final JdbcClient jdbc;

    People(Accounts accounts, JdbcClient jdbc) {
        this.accounts = accounts;
        this.jdbc = jdbc;
    }

    public Account account() {
        return accounts.create("person-" + UUID.randomUUID() + "@test.example", "Test Person", PASSWORD);
    }

    /** Ends every session of somebody, as they would from another browser. */
    public void endSessions(SignedIn who) {
        jdbc.sql("delete from SPRING_SESSION where PRINCIPAL_NAME = ?")
                .param(who.getUsername())
                .update();
    }

    public SignedIn person() {
        return new SignedIn(account());
    }
}
