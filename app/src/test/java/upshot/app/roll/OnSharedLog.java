package upshot.app.roll;

import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.core.SamplePlan;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;

/** A shared job with one shot, two people who are signed in, and what they send to its log. */
abstract class OnSharedLog {

    static final long AT_MS = 1_760_000_000_000L;

    @Autowired
    People people;

    @Autowired
    NewJobs newJobs;

    @Autowired
    JobMembers members;

    @Autowired
    LogStore log;

    @Autowired
    JdbcClient jdbc;

    @LocalServerPort
    int port;

    UUID job;
    Shot shot;
    UUID person;
    Account owner;
    Web ada;
    Web ben;

    @BeforeEach
    void aSharedJob() throws Exception {
        owner = people.account();
        Account member = people.account();
        SamplePlan sample = new SamplePlan();
        shot = sample.shot(sample.action(), 30);
        Plan plan = sample.build();
        person = plan.actionOf(shot).subjectId();
        job = newJobs.create(new SignedIn(owner), plan);
        members.save(new JobMember(job, member.id(), Instant.now()));
        ada = new Web(port).signIn(owner.email(), People.PASSWORD);
        ben = new Web(port).signIn(member.email(), People.PASSWORD);
    }

    static LogEntry entry(UUID phone, int number, What what, Optional<UUID> of, Optional<UUID> about) {
        return new LogEntry(
                UUID.randomUUID(),
                phone,
                number,
                AT_MS + number * 1000L,
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

    LogEntry roll(int number) {
        return entry(UUID.randomUUID(), number, What.ROLL, Optional.empty(), Optional.of(shot.id()));
    }

    HttpResponse<String> send(Web who, String body) throws Exception {
        return who.send(who.json("/jobs/%s/roll/log".formatted(job), who.token("/jobs"), body));
    }

    /** As a script asks, for whatever it is. */
    HttpResponse<String> ask(Web who, String path) throws Exception {
        return who.send(who.request("/jobs/%s/roll/%s".formatted(job, path)).setHeader("Accept", "*/*"));
    }
}
