package upshot.app.demo;

import java.util.UUID;
import org.springframework.boot.test.context.TestComponent;
import upshot.app.account.Accounts;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Jobs;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** The plans of the demo, as they were loaded. */
@TestComponent
public final class DemoPlans {

    private final Accounts accounts;
    private final Jobs jobs;
    private final JudgedPlans judged;

    DemoPlans(Accounts accounts, Jobs jobs, JudgedPlans judged) {
        this.accounts = accounts;
        this.jobs = jobs;
        this.judged = judged;
    }

    public Plan kilnNight() {
        return judgedKilnNight().plan();
    }

    Verdict judgedKilnNight() {
        UUID planner = accounts.find("planner@saltmarsh.example").orElseThrow().id();
        return jobs.findByOwnerId(planner).stream()
                .map(job -> judged.current(job.id(), planner).verdict())
                .filter(verdict -> verdict.plan().brief().name().equals("Kiln Night"))
                .findFirst()
                .orElseThrow();
    }
}
