package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.Proposal;
import upshot.core.RandomPlans;

/** A page of parts that were kept is the page that is rendered anew. */
class KeptPartsTest extends OnJobs {

    private static final int EDITS = 20;

    @Autowired
    private Edits edits;

    @Autowired
    private KeptParts kept;

    private List<String> all(SignedIn who, UUID jobId) throws Exception {
        List<String> pages = new ArrayList<>();
        for (String stage : List.of("brief", "coverage", "cut", "day", "hand-off")) {
            pages.add(mvc.perform(get("/jobs/{id}/{stage}/pieces", jobId, stage).with(user(who)))
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsString());
        }
        return pages;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void what_was_kept_of_a_page_shows_every_edit(long seed) throws Exception {
        SignedIn who = people.person();
        RandomPlans random = new RandomPlans(seed);
        UUID jobId = newJobs.create(who, random.plan());
        assertThat(all(who, jobId)).noneMatch(page -> page.contains("lane:kept"));
        for (int i = 0; i < EDITS; i++) {
            edits.edit(jobId, who, context -> Proposal.of("edit", random.set(context.plan())));
        }
        List<String> before = all(who, jobId);
        kept.forget();
        assertThat(all(who, jobId)).as("seed %d", seed).isEqualTo(before);
    }
}
