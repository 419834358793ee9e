package upshot.app.handoff;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.NewJobs;
import upshot.core.SamplePlan;
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Use;
import upshot.exchange.json.HandOffJson;

/** A job of one use, its desk, and what is sent from there. */
abstract class WithHandOff {

    @Autowired
    People people;

    @Autowired
    NewJobs newJobs;

    @Autowired
    Edits edits;

    @Autowired
    JdbcClient jdbc;

    @Value("${upshot.offloads}")
    String offloads;

    @LocalServerPort
    int port;

    UUID job;
    SignedIn owner;
    Use use;
    Web desk;
    String page;

    @BeforeEach
    void aJob() throws Exception {
        Account account = people.account();
        SamplePlan sample = new SamplePlan();
        use = sample.use(sample.shot(sample.action(), 30), 48);
        owner = new SignedIn(account);
        job = newJobs.create(owner, sample.build());
        desk = new Web(port).signIn(account.email(), People.PASSWORD);
        page = "/jobs/%s/hand-off".formatted(job);
    }

    @AfterEach
    void noReports() throws IOException {
        Files.deleteIfExists(Path.of(offloads, job + ".properties"));
    }

    HttpResponse<String> post(String path, String body) throws Exception {
        return desk.send(desk.json(page + path, desk.token("/jobs"), body));
    }

    static Clip clip(String name) {
        return new Clip(
                UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                "A001",
                List.of(name + ".MP4"),
                5_000_000,
                240,
                FrameRate.of(24),
                false,
                1920,
                1080,
                Optional.empty(),
                false,
                Optional.empty(),
                "");
    }

    static HandOffEntry clips(Clip... clips) {
        return new HandOffEntry(
                UUID.randomUUID(),
                HandOffWhat.CLIPS,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                "",
                List.of(clips));
    }

    HandOffEntry remark(String words) {
        return new HandOffEntry(
                UUID.randomUUID(),
                HandOffWhat.REMARK,
                Optional.empty(),
                Optional.empty(),
                Optional.of(use.id()),
                Optional.empty(),
                "TOO_SHORT",
                0,
                words,
                List.of());
    }

    String entries(HandOffEntry... entries) throws Exception {
        return post("/entries", HandOffJson.write(List.of(entries))).body();
    }

    long kept() {
        return jdbc.sql("select count(*) from hand_off_entry where job_id = ?")
                .param(job.toString())
                .query(Long.class)
                .single();
    }
}
