package upshot.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.NewJobs;
import upshot.app.job.Proposal;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.json.LogJson;

/** A job whose desk lets phones in, and what such a phone does. */
abstract class WithCrew {

    static final Pattern CODE = Pattern.compile("crew#([A-Z2-9]{12})");

    @Autowired
    private People people;

    @Autowired
    NewJobs newJobs;

    @Autowired
    private Edits edits;

    @Autowired
    JdbcClient jdbc;

    @LocalServerPort
    int port;

    SignedIn owner;
    UUID job;
    UUID shot;
    Web desk;

    @BeforeEach
    void aJob() throws Exception {
        jdbc.sql("delete from sign_in_try where subject like 'crew:%'").update();
        Account account = people.account();
        owner = new SignedIn(account);
        SamplePlan sample = new SamplePlan();
        shot = sample.shot(sample.action(), 30).id();
        Plan plan = sample.build();
        job = newJobs.create(owner, plan);
        dated(Optional.of(LocalDate.now().plusDays(1)));
        desk = new Web(port).signIn(account.email(), People.PASSWORD);
    }

    void dated(Optional<LocalDate> date) {
        edits.edit(
                job,
                owner,
                context -> Proposal.of("date", Change.set(context.plan().brief(), "shootDate", date)));
    }

    HttpResponse<String> atDesk(String path, String body) throws Exception {
        return desk.send(desk.json("/jobs/%s/roll/%s".formatted(job, path), desk.token("/jobs"), body));
    }

    String code() throws Exception {
        return Web.found(CODE, atDesk("crew/code", "{}").body());
    }

    HttpResponse<String> join(Web phone, String code, String name) throws Exception {
        return phone.post("/crew", "_csrf", phone.token("/crew"), "code", code, "name", name);
    }

    Web joined(String name) throws Exception {
        Web phone = new Web(port);
        assertThat(join(phone, code(), name).headers().firstValue("Location"))
                .hasValueSatisfying(to -> assertThat(to).endsWith("/jobs/%s/roll/phone".formatted(job)));
        return phone;
    }

    HttpResponse<String> ask(Web phone, String path) throws Exception {
        return phone.send(phone.request("/jobs/%s/roll/%s".formatted(job, path)).setHeader("Accept", "*/*"));
    }

    LogEntry roll(int number) {
        return new LogEntry(
                UUID.randomUUID(),
                UUID.randomUUID(),
                number,
                1_760_000_000_000L + number,
                0,
                What.ROLL,
                Optional.empty(),
                Optional.of(shot),
                Optional.empty(),
                "",
                0,
                "",
                List.of());
    }

    /** As a phone sends: its cookie alone, no session and no token. */
    HttpResponse<String> send(Web phone, LogEntry... entries) throws Exception {
        return phone.send(phone.json("/jobs/%s/roll/log".formatted(job), "none", LogJson.write(List.of(entries))));
    }

    List<String> logged() {
        return jdbc.sql("select cast(id as char) from log_entry where job_id = ?")
                .param(job.toString())
                .query(String.class)
                .list();
    }

    String phoneId() {
        return jdbc.sql("select cast(id as char) from crew_phone where job_id = ?")
                .param(job.toString())
                .query(String.class)
                .single();
    }
}
