package upshot.app.demo;

import java.util.UUID;
import upshot.app.account.Accounts;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Jobs;
import upshot.core.plan.Plan;

/** The plans of the demo, as they were loaded. */
public final class DemoPlans {

    private DemoPlans() {}

    public static Plan kilnNight(Accounts accounts, Jobs jobs, JudgedPlans judged) {
        UUID planner = accounts.find("planner@saltmarsh.example").orElseThrow().id();
        return jobs.findByOwnerId(planner).stream()
                .map(job -> judged.current(job.id(), planner).verdict().plan())
                .filter(plan -> plan.brief().name().equals("Kiln Night"))
                .findFirst()
                .orElseThrow();
    }
}
