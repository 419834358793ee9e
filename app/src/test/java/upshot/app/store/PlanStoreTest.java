package upshot.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.core.RandomPlans;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

@AppTest
class PlanStoreTest {

    @Autowired
    private PlanStore store;

    @Autowired
    private Jobs jobs;

    @Autowired
    private People people;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private EntityManager entities;

    private UUID stored(Plan plan) {
        UUID jobId = UUID.randomUUID();
        transaction.executeWithoutResult(status -> {
            jobs.save(new Job(jobId, people.person().id(), Instant.now()));
            entities.flush();
            store.insert(jobId, plan);
        });
        return jobId;
    }

    @RepeatedTest(25)
    void every_stored_plan_loads_back_equal_and_so_does_every_change_of_it(RepetitionInfo run) {
        long seed = run.getCurrentRepetition();
        RandomPlans random = new RandomPlans(seed);
        Plan plan = random.plan();
        UUID jobId = stored(plan);
        assertThat(store.load(jobId)).as("seed %d", seed).isEqualTo(plan);

        for (int i = 0; i < 5; i++) {
            Plan before = plan;
            Plan after = plan.apply(random.change(plan));
            transaction.executeWithoutResult(status -> store.update(jobId, before, after));
            assertThat(store.load(jobId)).as("seed %d, change %d", seed, i).isEqualTo(after);
            plan = after;
        }
    }

    @Test
    void two_jobs_may_hold_the_same_ids_and_do_not_see_each_other() {
        Plan one = new RandomPlans(3).plan();
        Plan other = one.apply(new RandomPlans(4).set(one));
        UUID first = stored(one);
        UUID second = stored(other);

        assertThat(store.load(first)).isEqualTo(one);
        assertThat(store.load(second)).isEqualTo(other);
    }

    @Test
    void a_plan_of_any_size_loads_with_one_select_a_table() {
        UUID small = stored(new RandomPlans(1).plan());
        UUID large = stored(new RandomPlans(2).plan());
        Statistics statistics =
                entities.getEntityManagerFactory().unwrap(SessionFactory.class).getStatistics();
        statistics.setStatisticsEnabled(true);
        for (UUID jobId : new UUID[] {small, large}) {
            statistics.clear();
            store.load(jobId);
            assertThat(statistics.getPrepareStatementCount()).isEqualTo(RecordKind.PARENT_FIRST.size());
        }
        statistics.setStatisticsEnabled(false);
    }
}
