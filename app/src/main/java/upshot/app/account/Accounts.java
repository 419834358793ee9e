package upshot.app.account;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes and finds accounts. */
@Service
public class Accounts implements UserDetailsService {

    private final AccountRepository repository;
    private final PasswordEncoder passwords;
    private final Clock clock;

    Accounts(AccountRepository repository, PasswordEncoder passwords, Clock clock) {
        this.repository = repository;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** Makes an account; the address must not be in use. */
    @Transactional
    public Account create(String email, String displayName, String password) {
        return repository.save(made(email, displayName, password));
    }

    /** Makes the account of the owner; the database refuses a second one, whoever comes first. */
    @Transactional
    public Account createOwner(String email, String displayName, String password) {
        return repository.save(made(email, displayName, password).owning());
    }

    private Account made(String email, String displayName, String password) {
        return new Account(UUID.randomUUID(), email, displayName, passwords.encode(password), clock.instant());
    }

    /** Whether this is the person's password. */
    boolean proves(UUID id, String password) {
        return find(id).filter(account -> passwords.matches(password, account.passwordHash()))
                .isPresent();
    }

    @Transactional
    public void changePassword(UUID id, String password) {
        repository.findById(id).orElseThrow().changePassword(passwords.encode(password));
    }

    /** The form in which an address is stored and compared. */
    public static String signInName(String email) {
        return Account.signInName(email);
    }

    public boolean any() {
        return repository.count() > 0;
    }

    public Optional<Account> find(String email) {
        return repository.findByEmail(Account.signInName(email));
    }

    public Optional<Account> find(UUID id) {
        return repository.findById(id);
    }

    /** Everybody who may sign in, the owner first. */
    public List<Account> all() {
        return repository.findByLeftAtIsNullOrderByOwnerDescCreatedAt();
    }

    /** Whether somebody owns this installation, and with it makes the others' accounts. */
    public boolean isOwner(SignedIn who) {
        return find(who.id()).filter(Account::isOwner).isPresent();
    }

    @Override
    public SignedIn loadUserByUsername(String email) {
        return find(email)
                .filter(account -> !account.left())
                .map(SignedIn::new)
                .orElseThrow(() -> new UsernameNotFoundException("No such account"));
    }
}
