package upshot.app.job;

import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.AccountLeaves;
import upshot.app.store.Job;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.app.store.Jobs;
import upshot.app.store.KitTemplates;
import upshot.app.store.PlanStore;

/**
 * What becomes of somebody's jobs when their account goes: one that others work on passes to whoever has been with it
 * longest, the others go for good.
 */
@Component
class WhoeverLeaves {

    private final Jobs jobs;
    private final JobMembers members;
    private final KitTemplates kits;
    private final PlanStore plans;

    WhoeverLeaves(Jobs jobs, JobMembers members, KitTemplates kits, PlanStore plans) {
        this.jobs = jobs;
        this.members = members;
        this.kits = kits;
        this.plans = plans;
    }

    @EventListener
    @Transactional(propagation = Propagation.MANDATORY)
    public void passOn(AccountLeaves gone) {
        UUID accountId = gone.accountId();
        members.deleteByAccountId(accountId);
        kits.findByAccountIdOrderByName(accountId).forEach(kits::delete);
        for (Job job : jobs.findByOwnerId(accountId)) {
            List<JobMember> others = members.findByJobIdOrderByAddedAt(job.id());
            if (job.deleted() || others.isEmpty()) {
                plans.delete(job.id());
                jobs.delete(job);
            } else {
                JobMember heir = others.get(0);
                job.giveTo(heir.accountId());
                jobs.save(job);
                members.delete(heir);
            }
        }
    }
}
