package upshot.app.handoff;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.JudgedPlans;
import upshot.app.roll.LogStore;
import upshot.app.roll.ShootClock;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.web.Recent;
import upshot.core.handoff.HandOffLog;
import upshot.core.learn.Foretold;
import upshot.core.learn.ShotDay;
import upshot.core.learn.Taught;
import upshot.core.plan.Plan;
import upshot.core.roll.DayLog;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;

/** The shot days of all jobs that somebody sees, and what they teach. */
@Component
class ShotDays {

    /** What somebody shot longer ago says little of today, and each job is judged for it. */
    private static final int MOST_DAYS = 40;

    private final Jobs jobs;
    private final JudgedPlans plans;
    private final LogStore log;
    private final HandOffStore said;
    private final ShootClock clock;
    private final Recent<Key, Shot> kept = Recent.of(4 * MOST_DAYS);

    ShotDays(Jobs jobs, JudgedPlans plans, LogStore log, HandOffStore said, ShootClock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.log = log;
        this.said = said;
        this.clock = clock;
    }

    private record Key(UUID jobId, long version, long logged, long said) {}

    private record Shot(ShotDay day, Foretold editors) {}

    /** @param plan of the job that would take over what was learned */
    Taught taught(UUID accountId, Plan plan) {
        List<Shot> shot = new ArrayList<>();
        for (Job job : jobs.findAllVisible(accountId)) {
            long logged = log.last(job.id());
            if (logged > 0 && shot.size() < MOST_DAYS) {
                shot.add(shot(job, logged));
            }
        }
        return Taught.of(
                shot.stream().map(Shot::day).toList(),
                shot.stream().map(Shot::editors).toList(),
                plan::threshold);
    }

    private Shot shot(Job job, long logged) {
        Key key = new Key(job.id(), job.version(), logged, said.last(job.id()));
        return kept.get(key).orElseGet(() -> {
            Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
            LoggedDay day = LoggedDay.of(verdict.plan(), verdict.day());
            Shot shot = new Shot(
                    ShotDay.of(
                            day,
                            new DayLog(day, log.all(job.id())),
                            clock.of(job.id()).ms()),
                    Foretold.of(verdict, HandOffLog.of(said.all(job.id())).remarks()));
            kept.put(key, shot);
            return shot;
        });
    }
}
