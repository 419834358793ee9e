package upshot.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;

/** Somebody who may sign in. */
@Entity
@Table(name = "account")
public class Account {

    @Id
    private UUID id;

    private String email;
    private String displayName;
    private String passwordHash;
    private Instant createdAt;

    protected Account() {}

    Account(UUID id, String email, String displayName, String passwordHash, Instant createdAt) {
        this.id = id;
        this.email = signInName(email);
        this.displayName = displayName;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
    }

    /** The form in which an address is stored and compared. */
    static String signInName(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    public UUID id() {
        return id;
    }

    public String email() {
        return email;
    }

    public String displayName() {
        return displayName;
    }

    String passwordHash() {
        return passwordHash;
    }
}
