package upshot.app.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.app.CountedStatements;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.core.LargeJob;
import upshot.core.plan.RecordKind;

class CoveragePageTest extends OnJobs {

    private int statements(UUID jobId, SignedIn who) throws Exception {
        return CountedStatements.during(() ->
                mvc.perform(get("/jobs/{id}/coverage", jobId).with(user(who))).andExpect(status().isOk()));
    }

    @Test
    void a_page_takes_as_many_queries_for_250_shots_as_for_one() throws Exception {
        SignedIn owner = people.person();
        UUID small = newJobs.create(owner, LargeJob.of(1, 1, 0));
        UUID large = newJobs.create(owner, LargeJob.of(60, 250, 0));
        int first = statements(small, owner);

        assertThat(statements(large, owner)).isEqualTo(first);
        // One a kind of record, and a few for the job, its members, its history and what is kept beside it.
        assertThat(first).isBetween(RecordKind.PARENT_FIRST.size(), RecordKind.PARENT_FIRST.size() + 10);
        assertThat(statements(large, owner)).as("judged already").isLessThanOrEqualTo(8);
    }
}
