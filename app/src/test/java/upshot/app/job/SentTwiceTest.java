package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.app.store.PlanStore;
import upshot.core.SamplePlan;

/** An edit whose answer was lost is sent again: it is made once and answered twice. */
@AppTest
class SentTwiceTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private People people;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private JobMembers members;

    @Autowired
    private PlanStore plans;

    @LocalServerPort
    private int port;

    private UUID job;
    private Web web;
    private String token;

    @BeforeEach
    void aJob() throws Exception {
        Account account = people.account();
        SamplePlan sample = new SamplePlan();
        sample.action();
        job = newJobs.create(new SignedIn(account), sample.build());
        web = new Web(port).signIn(account.email(), People.PASSWORD);
        token = web.token("/jobs");
    }

    private HttpResponse<String> send(String path, UUID edit, String rest) throws Exception {
        return web.send(web.json(
                "/jobs/%s/%s".formatted(job, path),
                token,
                "{\"stage\":\"coverage\",\"edit\":\"%s\"%s}".formatted(edit, rest)));
    }

    private String addShot() {
        return ",\"gesture\":\"add-shot\",\"arguments\":{\"actionId\":\"%s\",\"sizeClass\":\"MID\"}"
                .formatted(plans.load(job).actions().get(0).id());
    }

    @Test
    void a_gesture_sent_again_gives_the_first_answer_and_adds_nothing() throws Exception {
        UUID edit = UUID.randomUUID();
        JsonNode first = JSON.readTree(send("changes", edit, addShot()).body());
        JsonNode second = JSON.readTree(send("changes", edit, addShot()).body());

        assertThat(plans.load(job).shots()).hasSize(1);
        for (String part : List.of("version", "done", "parameters")) {
            assertThat(second.get(part)).as(part).isEqualTo(first.get(part));
        }
        assertThat(send("changes", UUID.randomUUID(), addShot()).statusCode()).isEqualTo(200);
        assertThat(plans.load(job).shots()).hasSize(2);
    }

    @Test
    void many_at_once_are_one() throws Exception {
        UUID edit = UUID.randomUUID();
        String body = addShot();
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            answers.add(many.submit(() -> send("changes", edit, body).statusCode()));
        }
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isEqualTo(200);
        }
        many.shutdown();

        assertThat(plans.load(job).shots()).hasSize(1);
    }

    @Test
    void an_undo_sent_again_takes_back_one_edit_and_not_two() throws Exception {
        send("changes", UUID.randomUUID(), addShot());
        send("changes", UUID.randomUUID(), addShot());
        UUID undo = UUID.randomUUID();
        UUID redo = UUID.randomUUID();
        send("undo", undo, "");
        send("undo", undo, "");
        assertThat(plans.load(job).shots()).hasSize(1);
        send("redo", redo, "");
        send("redo", redo, "");
        assertThat(plans.load(job).shots()).hasSize(2);
    }

    @Test
    void somebody_else_s_edit_is_not_answered() throws Exception {
        UUID edit = UUID.randomUUID();
        send("changes", edit, addShot());
        Account other = people.account();
        members.save(new JobMember(job, other.id(), Instant.now()));
        web = new Web(port).signIn(other.email(), People.PASSWORD);
        token = web.token("/jobs");

        assertThat(send("changes", edit, addShot()).statusCode()).isEqualTo(422);
    }
}
