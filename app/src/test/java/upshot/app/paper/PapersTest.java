package upshot.app.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.zaxxer.hikari.HikariDataSource;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.core.SamplePlan;

/** Papers are made one at a time beside the pages, in turn, and given up at a word. */
class PapersTest extends OnJobs {

    @Autowired
    private Papers papers;

    @Autowired
    private JudgedPlans plans;

    @Autowired
    private DataSource database;

    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch wanted = new CountDownLatch(1);
    private final CountDownLatch givenUp = new CountDownLatch(1);
    private SignedIn owner;
    private UUID jobId;

    /** A paper that takes as long as the test says, or until it is given up. */
    private final PaperKind slowly = new PaperKind("slow", (job, verdict) -> {
        begun.countDown();
        try {
            wanted.await();
        } catch (InterruptedException stopped) {
            givenUp.countDown();
            throw new CancellationException();
        }
        Map<String, Object> nothing = Map.of("name", "Slow", "upright", false, "seconds", "1", "frames", List.of());
        return new Sheet("cut/sheet", "css/cut/sheet.css", nothing);
    });

    @BeforeEach
    void aJob() {
        owner = people.person();
        SamplePlan sample = new SamplePlan();
        sample.shot(sample.action(), 60);
        jobId = newJobs.create(owner, sample.build());
    }

    @AfterEach
    void letGo() {
        wanted.countDown();
    }

    private Making slow() throws InterruptedException {
        Making making = papers.of(jobId, owner.id(), slowly, plans.current(jobId, owner.id()))
                .orElseThrow();
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        return making;
    }

    private ResultActions ask(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request.with(user(owner)));
    }

    private ResultActions coverage() throws Exception {
        return mvc.perform(asyncDispatch(ask(get("/jobs/{id}/papers/coverage.pdf", jobId))
                .andExpect(request().asyncStarted())
                .andReturn()));
    }

    private ResultActions standing() throws Exception {
        return ask(get("/jobs/{id}/papers/coverage/standing", jobId)).andExpect(status().isOk());
    }

    @Test
    void what_is_soon_made_comes_at_once() throws Exception {
        coverage().andExpect(status().isOk()).andExpect(content().contentType("application/pdf"));
        standing()
                .andExpect(jsonPath("$.state").value("ready"))
                .andExpect(jsonPath("$.drawn").value(1));
    }

    @Test
    void what_takes_longer_is_waited_for_on_a_page_without_holding_a_connection() throws Exception {
        slow();
        coverage()
                .andExpect(status().isSeeOther())
                .andExpect(redirectedUrl("/jobs/%s/papers/coverage?take".formatted(jobId)));
        assertThat(database.unwrap(HikariDataSource.class).getHikariPoolMXBean().getActiveConnections())
                .isZero();
        standing().andExpect(jsonPath("$.state").value("waiting"));
        ask(get("/jobs/{id}/papers/coverage", jobId)).andExpect(status().isOk());
        ask(get("/jobs/{id}/papers/coverage/made.pdf", jobId)).andExpect(status().isNotFound());

        wanted.countDown();
        await().untilAsserted(() -> standing().andExpect(jsonPath("$.state").value("ready")));
        ask(get("/jobs/{id}/papers/coverage/made.pdf", jobId))
                .andExpect(status().isOk())
                .andExpect(content().contentType("application/pdf"));
    }

    @Test
    void a_paper_is_given_up_whether_it_waits_or_is_being_made() throws Exception {
        Making slow = slow();
        coverage().andExpect(status().isSeeOther());
        ask(post("/jobs/{id}/papers/coverage/stop", jobId).with(csrf())).andExpect(status().is3xxRedirection());
        standing().andExpect(jsonPath("$.state").value("stopped"));

        papers.stop(jobId, "slow");
        assertThat(givenUp.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(slow.state()).isEqualTo(Making.State.STOPPED);
        coverage().andExpect(status().isOk());
    }

    @Test
    void a_later_version_takes_the_place_of_a_paper_and_the_same_does_not() throws Exception {
        Making slow = slow();
        JudgedPlans.Current now = plans.current(jobId, owner.id());
        assertThat(papers.of(jobId, owner.id(), slowly, now)).containsSame(slow);

        JudgedPlans.Current later = new JudgedPlans.Current(now.version() + 1, now.verdict());
        Making second = papers.of(jobId, owner.id(), slowly, later).orElseThrow();
        assertThat(slow.state()).isEqualTo(Making.State.STOPPED);
        wanted.countDown();
        await().until(second::ready);
    }

    @Test
    void so_many_wait_and_no_more() throws Exception {
        slow();
        JudgedPlans.Current now = plans.current(jobId, owner.id());
        int taken = 0;
        while (papers.of(UUID.randomUUID(), owner.id(), slowly, now).isPresent()) {
            taken++;
        }
        assertThat(taken).isEqualTo(24);
        coverage().andExpect(status().isSeeOther());
        standing().andExpect(jsonPath("$.state").value("gone"));
    }

    @Test
    void what_cannot_be_made_is_said_and_the_next_is_made() throws Exception {
        PaperKind broken = new PaperKind("broken", (job, verdict) -> {
            throw new IllegalStateException("no such sheet");
        });
        Making making = papers.of(jobId, owner.id(), broken, plans.current(jobId, owner.id()))
                .orElseThrow();
        await().until(() -> making.state() == Making.State.FAILED);
        coverage().andExpect(status().isOk());
    }

    @Test
    void nobody_else_sees_a_paper() throws Exception {
        coverage();
        owner = people.person();
        for (String path : List.of("coverage.pdf", "coverage", "coverage/standing", "coverage/made.pdf")) {
            ask(get("/jobs/{id}/papers/" + path, jobId)).andExpect(status().isNotFound());
        }
    }
}
