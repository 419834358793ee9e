package upshot.app.handoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.app.roll.LogStore;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;

/** What the days of one person taught, and nobody else's. */
@AppTest
class TaughtPageTest {

    private static final Instant CALL = Instant.parse("2026-10-21T08:00:00Z");

    @Autowired
    People people;

    @Autowired
    NewJobs newJobs;

    @Autowired
    LogStore log;

    @LocalServerPort
    int port;

    private UUID jobOfTripodAndGimbal(SignedIn owner) {
        SamplePlan sample = new SamplePlan()
                .brief("shootDate", Optional.of(LocalDate.of(2026, 10, 21)))
                .brief("callTime", LocalTime.of(10, 0))
                .brief("wrapTime", LocalTime.of(19, 0))
                .brief("zone", "Europe/Berlin");
        Action action = sample.action();
        Shot tripod = sample.shot(action, 30);
        Shot gimbal = sample.shot(action, one -> one.with("bearingDeg", 60.0).with("support", Support.GIMBAL));
        Plan plan = sample.build();
        UUID job = newJobs.create(owner, plan);
        rolls(job, owner, tripod, 20 * 60);
        rolls(job, owner, gimbal, 28 * 60 + 36);
        return job;
    }

    private void rolls(UUID job, SignedIn owner, Shot shot, int atS) {
        LogEntry take = entry(What.ROLL, atS, Optional.empty(), Optional.of(shot.id()));
        LogEntry stop = entry(What.STOP, atS + 60, Optional.of(take.id()), Optional.empty());
        assertThat(log.add(job, LogStore.Sender.of(owner), List.of(take, stop))).isEmpty();
    }

    private static LogEntry entry(What what, int atS, Optional<UUID> of, Optional<UUID> about) {
        return new LogEntry(
                UUID.randomUUID(),
                UUID.randomUUID(),
                0,
                CALL.plusSeconds(atS).toEpochMilli(),
                0,
                what,
                of,
                about,
                Optional.empty(),
                "",
                0,
                "",
                List.of());
    }

    @Test
    void eight_days_of_one_person_teach_that_person_alone() throws Exception {
        Account account = people.account();
        SignedIn owner = new SignedIn(account);
        UUID job = jobOfTripodAndGimbal(owner);
        Web desk = new Web(port).signIn(account.email(), People.PASSWORD);
        String page = "/jobs/%s/hand-off/taught".formatted(job);
        assertThat(desk.get(page)).contains("1 day with a log").contains("Nothing yet");
        for (int more = 1; more < 8; more++) {
            jobOfTripodAndGimbal(owner);
        }

        assertThat(desk.get(page))
                .contains("8 days with a log, 8 changes between setups that say something")
                .contains("Rig the gimbal: 7.5 min, not 5. 8 changes in 8 days.")
                .contains("&quot;threshold&quot;:&quot;RIG_GIMBAL&quot;,&quot;value&quot;:&quot;7.5&quot;");

        Account other = people.account();
        UUID others = jobOfTripodAndGimbal(new SignedIn(other));
        assertThat(new Web(port)
                        .signIn(other.email(), People.PASSWORD)
                        .get("/jobs/%s/hand-off/taught".formatted(others)))
                .contains("1 day with a log")
                .doesNotContain("Rig the gimbal");
    }
}
