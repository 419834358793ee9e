package upshot.app.remark;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.app.store.Remarks;
import upshot.core.SamplePlan;
import upshot.core.plan.Shot;

@AppTest
class RemarksTest {

    @Autowired
    private People people;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private JobMembers members;

    @Autowired
    private Remarks remarks;

    @Autowired
    private JdbcClient jdbc;

    @LocalServerPort
    private int port;

    private UUID job;
    private Shot shot;
    private Web ada;
    private Web ben;

    @BeforeEach
    void aSharedJob() throws Exception {
        Account owner = people.account();
        Account member = people.account();
        SamplePlan sample = new SamplePlan();
        shot = sample.shot(sample.action(), 30);
        job = newJobs.create(new SignedIn(owner), sample.build());
        members.save(new JobMember(job, member.id(), Instant.now()));
        ada = new Web(port).signIn(owner.email(), People.PASSWORD);
        ben = new Web(port).signIn(member.email(), People.PASSWORD);
    }

    private HttpResponse<String> send(Web who, UUID id, String rest) throws Exception {
        return who.send(who.json(
                "/jobs/%s/remarks".formatted(job),
                who.token("/jobs"),
                "{\"stage\":\"hand-off\",\"edit\":\"%s\",%s}".formatted(id, rest)));
    }

    private static String words(String words) {
        return "\"words\":\"%s\"".formatted(words);
    }

    /** How far everything beside the plan has come, as a page knows it. */
    private String sides() throws Exception {
        return Web.found(Pattern.compile("data-beside=\"([^\"]*)\""), ben.get("/jobs/%s/hand-off".formatted(job)));
    }

    private HttpResponse<String> news(Web who, String beside) throws Exception {
        return who.send(who.request("/jobs/%s/hand-off/news?since=99&beside=%s".formatted(job, beside))
                .setHeader("Accept", "application/json"));
    }

    @Test
    void a_remark_is_made_once_however_often_it_is_sent_and_stands_where_it_belongs() throws Exception {
        UUID id = UUID.randomUUID();
        String said = words("Keep the hands in <b>.") + ",\"shot\":\"%s\"".formatted(shot.id());

        assertThat(send(ada, id, said).body()).contains("Keep the hands in &lt;b&gt;.");
        assertThat(send(ada, id, said).statusCode()).isEqualTo(200);

        assertThat(remarks.of(job)).singleElement().satisfies(one -> {
            assertThat(one.shotId()).contains(shot.id());
            assertThat(one.number()).isEqualTo(1);
        });
        assertThat(ben.get("/jobs/%s/shot?shot=%s".formatted(job, shot.id())))
                .contains("Keep the hands in")
                .doesNotContain("Take back");
        assertThat(send(ada, id, words("Something else")).statusCode()).isEqualTo(422);
        assertThat(send(ben, id, said).statusCode()).as("by somebody else").isEqualTo(422);
    }

    @Test
    void others_are_told_and_pages_kept_by_the_browser_are_old() throws Exception {
        String before = sides();
        assertThat(news(ben, before).statusCode()).isEqualTo(204);
        send(ada, UUID.randomUUID(), words("Bring the long lens"));

        assertThat(news(ben, before).body()).contains("Test Person made a remark", "Bring the long lens");
        assertThat(news(ben, sides()).statusCode()).isEqualTo(204);
        assertThat(news(ada, before).body()).as("nobody is told of their own").doesNotContain("made a remark");
        assertThat(ben.get("/jobs/%s/hand-off".formatted(job))).contains("Bring the long lens", "data-beside=\"0.0.1.");
    }

    @Test
    void whoever_made_it_takes_it_back_and_nothing_is_lost() throws Exception {
        UUID id = UUID.randomUUID();
        send(ada, id, words("Not this one"));
        String back = "\"takesBack\":\"%s\"".formatted(id);

        assertThat(send(ben, UUID.randomUUID(), back).body()).contains("Only whoever made a remark");
        assertThat(send(ada, UUID.randomUUID(), back).body()).doesNotContain("Not this one");

        assertThat(remarks.standing(job)).isEmpty();
        assertThat(remarks.of(job)).hasSize(2);
    }

    @Test
    void what_is_no_remark_is_refused_in_plain_words_and_strangers_find_no_job() throws Exception {
        Web stranger = new Web(port).signIn(people.account().email(), People.PASSWORD);

        assertThat(send(ada, UUID.randomUUID(), words("  ")).body()).contains("Write what is to be said");
        assertThat(send(ada, UUID.randomUUID(), words("x".repeat(501))).body()).contains("this one has 501");
        assertThat(send(ada, UUID.randomUUID(), words("x") + ",\"shot\":\"K1\"").body())
                .contains("no such shot");
        assertThat(send(stranger, UUID.randomUUID(), words("Let me in")).statusCode())
                .isEqualTo(404);
        assertThat(remarks.of(job)).isEmpty();
    }

    @Test
    void a_full_job_takes_no_more() throws Exception {
        for (int number = 1; number <= RemarkStore.MOST; number++) {
            jdbc.sql("insert into remark (job_id, number, id, account_id, said_at, words)"
                            + " select ?, ?, ?, owner_id, utc_timestamp(6), 'x' from job where id = ?")
                    .params(job.toString(), number, UUID.randomUUID().toString(), job.toString())
                    .update();
        }

        assertThat(send(ada, UUID.randomUUID(), words("One more")).body()).contains("2000 remarks");
    }

    @Test
    void they_are_taken_away_with_an_account_s_data_by_person_and_not_by_name() throws Exception {
        send(ben, UUID.randomUUID(), words("From Ben"));

        Map<String, String> hers = zip(ada);
        assertThat(hers.get("jobs/%s/remarks.json".formatted(job)))
                .contains("From Ben", "accountId")
                .doesNotContain("Test Person");
        assertThat(hers.get("remarks.json")).isEqualTo("[]");
        assertThat(zip(ben).get("remarks.json")).contains("From Ben");
    }

    private static Map<String, String> zip(Web who) throws IOException, InterruptedException {
        byte[] file = who.client()
                .send(who.request("/account/data.zip").build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
        Map<String, String> files = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }
}
