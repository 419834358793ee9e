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
        return repository.save(
                new Account(UUID.randomUUID(), email, displayName, passwords.encode(password), clock.instant()));
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
        return repository.findAllByOrderByCreatedAt();
    }

    /** Whether somebody has the first account that was made, and with it makes the others. */
    public boolean isOwner(SignedIn who) {
        List<Account> all = all();
        return !all.isEmpty() && all.get(0).id().equals(who.id());
    }

    @Override
    public SignedIn loadUserByUsername(String email) {
        return find(email).map(SignedIn::new).orElseThrow(() -> new UsernameNotFoundException("No such account"));
    }
}
