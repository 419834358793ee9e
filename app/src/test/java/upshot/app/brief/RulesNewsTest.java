package upshot.app.brief;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;
import upshot.app.OnJobs;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Support;

/** Whoever planned under earlier rules is told once what those of now say otherwise. */
class RulesNewsTest extends OnJobs {

    private static final String TOLD = "Rewritten since this job was planned";

    @Autowired
    private JdbcTemplate database;

    private SignedIn owner;
    private Account guest;
    private UUID jobId;

    @BeforeEach
    void aJobOfSevenSecondsFromTheHand() throws Exception {
        owner = people.person();
        guest = people.account();
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        sample.use(sample.shot(action, one -> one.with("support", Support.HAND_HELD)), 84);
        sample.use(sample.shot(action, one -> one.with("support", Support.HAND_HELD)), 84);
        jobId = newJobs.create(owner, sample.build());
        mvc.perform(post("/jobs/" + jobId + "/members")
                .param("email", guest.email())
                .with(user(owner))
                .with(csrf()));
    }

    private ResultActions looks(SignedIn who, String address) throws Exception {
        return mvc.perform(get(address).with(user(who)));
    }

    private ResultActions hasSeenIt(SignedIn who) throws Exception {
        return mvc.perform(
                post("/jobs/" + jobId + "/rules/known").with(user(who)).with(csrf()));
    }

    private void plannedBefore() {
        database.update("update job set rules_known = 1 where id = ?", jobId.toString());
    }

    @Test
    void the_owner_is_told_once_what_came_and_what_was_before() throws Exception {
        plannedBefore();

        looks(owner, "/jobs").andExpect(content().string(containsString("The rules have been rewritten")));
        looks(owner, "/jobs/" + jobId + "/rules")
                .andExpect(content().string(containsString(TOLD)))
                .andExpect(content().string(containsString("Hand-held for long in the whole cut")))
                .andExpect(content().string(containsString("<td>12 s</td><td>6 s</td><td>as usual</td>")));
        hasSeenIt(owner).andExpect(redirectedUrl("/jobs/" + jobId + "/rules"));
        looks(owner, "/jobs").andExpect(content().string(not(containsString("The rules have been rewritten"))));
        looks(owner, "/jobs/" + jobId + "/rules").andExpect(content().string(not(containsString(TOLD))));
    }

    @Test
    void nobody_is_told_of_a_job_that_was_begun_under_the_rules_of_now() throws Exception {
        looks(owner, "/jobs").andExpect(content().string(not(containsString("The rules have been rewritten"))));
        looks(owner, "/jobs/" + jobId + "/rules").andExpect(content().string(not(containsString(TOLD))));
    }

    @Test
    void those_it_is_shared_with_are_not_told_and_cannot_say_it_was_seen() throws Exception {
        plannedBefore();
        SignedIn shared = new SignedIn(guest);

        looks(shared, "/jobs").andExpect(content().string(not(containsString("The rules have been rewritten"))));
        looks(shared, "/jobs/" + jobId + "/rules").andExpect(content().string(not(containsString(TOLD))));
        hasSeenIt(shared).andExpect(status().isNotFound());
        hasSeenIt(people.person()).andExpect(status().isNotFound());
        looks(owner, "/jobs/" + jobId + "/rules").andExpect(content().string(containsString(TOLD)));
    }
}
