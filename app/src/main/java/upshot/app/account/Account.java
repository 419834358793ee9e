package upshot.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.text.Normalizer;
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
    /** 1 for the owner, else null: the database takes no second one. */
    private Integer owner;

    private Instant leftAt;

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
        return Normalizer.normalize(email.strip(), Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
    }

    /** Makes this the account of the owner, of whom there is one. */
    Account owning() {
        owner = 1;
        return this;
    }

    public boolean isOwner() {
        return owner != null;
    }

    boolean left() {
        return leftAt != null;
    }

    Instant createdAt() {
        return createdAt;
    }

    void changePassword(String hash) {
        passwordHash = hash;
    }

    /** What is left of somebody who goes: an author without a name for what they did in others' jobs. */
    void leave(Instant at) {
        email = "left-" + id;
        displayName = "somebody who left";
        passwordHash = "";
        owner = null;
        leftAt = at;
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
