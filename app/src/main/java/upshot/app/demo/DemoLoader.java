package upshot.app.demo;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;
import org.springframework.transaction.support.TransactionTemplate;
import upshot.app.account.Accounts;
import upshot.app.account.ShownAccount;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;

/** Makes the demo's account and jobs when its database is empty. */
@Configuration
@Profile("demo")
class DemoLoader implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final Accounts accounts;
    private final KilnNight kilnNight;
    private final TallowStreet tallowStreet;
    private final NewJobs newJobs;
    private final TransactionTemplate transaction;

    DemoLoader(
            Accounts accounts,
            KilnNight kilnNight,
            TallowStreet tallowStreet,
            NewJobs newJobs,
            TransactionTemplate transaction) {
        this.accounts = accounts;
        this.kilnNight = kilnNight;
        this.tallowStreet = tallowStreet;
        this.newJobs = newJobs;
        this.transaction = transaction;
    }

    /** Not a secret: it opens nothing but the demo, and the sign-in page shows it. */
    @Bean
    static ShownAccount demoAccount() {
        return new ShownAccount("planner@saltmarsh.example", "second@saltmarsh.example", "saltmarsh-clay");
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (accounts.any()) {
            return;
        }
        // In one transaction: interrupted half way, the next start finds the database empty and begins again.
        transaction.executeWithoutResult(status -> load());
        LOG.info("Demo data loaded.");
    }

    private void load() {
        ShownAccount shown = demoAccount();
        SignedIn planner = new SignedIn(accounts.createOwner(shown.email(), "Saltmarsh planner", shown.password()));
        accounts.create(shown.alsoEmail(), "Second shooter", shown.password());
        newJobs.create(planner, "A job to fill");
        tallowStreet.create(planner);
        kilnNight.create(planner);
    }
}
