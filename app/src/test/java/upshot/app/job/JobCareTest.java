package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.support.TransactionTemplate;
import upshot.app.OnJobs;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.core.RandomPlans;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** What happens to jobs as a whole: copies, files, sharing, putting and throwing away. */
class JobCareTest extends OnJobs {

    @Autowired
    private Jobs jobs;

    @Autowired
    private PlanStore plans;

    @Autowired
    private Edits edits;

    @Autowired
    private ThrownAway thrownAway;

    @Autowired
    private TransactionTemplate transaction;

    private SignedIn owner;
    private Account otherAccount;
    private SignedIn other;
    private UUID jobId;

    @BeforeEach
    void begin() {
        owner = people.person();
        otherAccount = people.account();
        other = new SignedIn(otherAccount);
        jobId = newJobs.create(owner, new RandomPlans(11).plan());
    }

    private ResultActions perform(SignedIn who, MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request.with(user(who)).with(csrf()));
    }

    private ResultActions care(SignedIn who, String what) throws Exception {
        return perform(who, post("/jobs/" + jobId + "/" + what));
    }

    private List<Plan> plansOf(SignedIn who) {
        return jobs.findAllVisible(who.id()).stream()
                .map(job -> plans.load(job.id()))
                .toList();
    }

    @Test
    void a_duplicate_holds_the_same_under_a_name_of_its_own_and_goes_its_own_way() throws Exception {
        care(owner, "duplicate").andExpect(status().is3xxRedirection());

        Plan original = plans.load(jobId);
        assertThat(plansOf(owner)).hasSize(2).anySatisfy(copy -> {
            assertThat(copy.brief().name()).isEqualTo(original.brief().name() + ", copy");
            assertThat(copy.shots()).isEqualTo(original.shots());
        });
    }

    @Test
    void a_plan_file_goes_out_and_comes_in_equal() throws Exception {
        byte[] file = perform(owner, get("/jobs/" + jobId + "/plan.json"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        mvc.perform(multipart("/jobs/from-file")
                        .file(new MockMultipartFile("file", "x.plan.json", "application/json", file))
                        .with(user(other))
                        .with(csrf()))
                .andExpect(redirectedUrlPattern("/jobs/*/brief"));

        assertThat(plansOf(other)).containsExactly(plans.load(jobId));
    }

    @Test
    void a_bad_plan_file_says_where_and_makes_no_job() throws Exception {
        mvc.perform(multipart("/jobs/from-file")
                        .file(new MockMultipartFile("file", "x.json", "application/json", "{\"format\":".getBytes()))
                        .with(user(other))
                        .with(csrf()))
                .andExpect(content().string(containsString("This is no JSON that can be read.")));

        assertThat(plansOf(other)).isEmpty();
    }

    @Test
    void actions_go_out_as_a_table() throws Exception {
        perform(owner, get("/jobs/" + jobId + "/actions.csv"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("beat,action,subject,spot,takes s")));
    }

    @Test
    void a_job_put_away_stands_at_the_foot_and_can_be_taken_out() throws Exception {
        care(owner, "archive");
        perform(owner, get("/jobs")).andExpect(content().string(containsString("Put away: 1")));
        care(owner, "unarchive");
        perform(owner, get("/jobs")).andExpect(content().string(not(containsString("Put away: "))));
    }

    @Test
    void a_job_thrown_away_is_nobody_s_until_it_is_brought_back() throws Exception {
        care(owner, "delete").andExpect(redirectedUrlPattern("/jobs?deleted=*"));
        perform(owner, get("/jobs/" + jobId + "/brief")).andExpect(status().isNotFound());
        perform(other, post("/jobs/restore").param("id", jobId.toString())).andExpect(status().isNotFound());
        perform(owner, get("/jobs").param("deleted", jobId.toString()))
                .andExpect(content().string(containsString("Bring it back")));

        perform(owner, post("/jobs/restore").param("id", jobId.toString())).andExpect(status().is3xxRedirection());

        perform(owner, get("/jobs/" + jobId + "/brief")).andExpect(status().isOk());
    }

    @Test
    void after_a_month_it_goes_for_good() {
        transaction.executeWithoutResult(status -> jobs.findByIdAndOwnerId(jobId, owner.id())
                .orElseThrow()
                .delete(Clock.systemUTC().instant().minus(Duration.ofDays(31))));
        UUID fresh = newJobs.create(owner, "Fresh");
        transaction.executeWithoutResult(status -> jobs.findByIdAndOwnerId(fresh, owner.id())
                .orElseThrow()
                .delete(Clock.systemUTC().instant().minus(Duration.ofDays(29))));

        thrownAway.clear();

        assertThat(jobs.findByIdAndOwnerId(jobId, owner.id())).isEmpty();
        assertThat(jobs.findByIdAndOwnerId(fresh, owner.id())).isPresent();
    }

    @Test
    void a_shared_job_is_open_to_the_other_and_in_the_owner_s_care() throws Exception {
        perform(
                owner,
                post("/jobs/" + jobId + "/members")
                        .param("email", " " + otherAccount.email().toUpperCase()));

        perform(other, get("/jobs/" + jobId + "/brief")).andExpect(status().isOk());
        perform(other, get("/jobs")).andExpect(content().string(containsString("shared by Test Person")));
        for (String what : List.of("archive", "delete", "members")) {
            care(other, what).andExpect(status().isNotFound());
        }
        care(owner, "members/" + otherAccount.id() + "/remove");
        perform(other, get("/jobs/" + jobId + "/brief")).andExpect(status().isNotFound());
    }

    @Test
    void sharing_does_not_tell_whether_an_address_has_an_account() throws Exception {
        String nobody = "nobody@test.example";
        for (String email : List.of(nobody, otherAccount.email())) {
            perform(owner, post("/jobs/" + jobId + "/members").param("email", email))
                    .andExpect(redirectedUrlPattern("/jobs?said=shared"));
            perform(owner, get("/jobs"))
                    .andExpect(content().string(containsString("Shared with " + email + "; nobody has come by yet")))
                    .andExpect(content().string(not(containsString("Shared with Test Person"))));
        }
        perform(owner, post("/jobs/" + jobId + "/invitations/remove").param("email", nobody));
        perform(other, get("/jobs")).andExpect(content().string(containsString("shared by Test Person")));
        perform(owner, get("/jobs"))
                .andExpect(content().string(containsString("Shared with Test Person")))
                .andExpect(content().string(not(containsString("nobody has come by yet"))));
    }

    @Test
    void news_tell_what_somebody_else_did_and_nothing_twice() throws Exception {
        perform(owner, post("/jobs/" + jobId + "/members").param("email", otherAccount.email()));
        Plan plan = plans.load(jobId);
        Change change = Change.set(plan.brief(), "lengthS", 77.0);
        edits.edit(jobId, other, context -> Proposal.of("length 77", change));

        perform(owner, get("/jobs/" + jobId + "/brief/news").param("since", "0"))
                .andExpect(jsonPath("$.version").value(1))
                .andExpect(jsonPath("$.done").value("Test Person: length 77"));
        perform(owner, get("/jobs/" + jobId + "/brief/news").param("since", "1"))
                .andExpect(status().isNoContent());
        perform(other, get("/jobs/" + jobId + "/brief/news").param("since", "0"))
                .andExpect(jsonPath("$.done").value(""));
    }

    @Test
    void people_are_made_by_the_owner_of_the_house_alone() throws Exception {
        perform(owner, get("/people")).andExpect(status().isNotFound());
        perform(owner, post("/people")).andExpect(status().isNotFound());
    }

    @Test
    void a_kept_kit_belongs_to_the_account_and_is_taken_into_another_job() throws Exception {
        perform(owner, post("/jobs/" + jobId + "/brief/kits").param("name", "Van"))
                .andExpect(status().is3xxRedirection());
        perform(owner, post("/jobs/" + jobId + "/brief/kits").param("name", "Van"));
        UUID second = newJobs.create(owner, "Second");
        String page = perform(owner, get("/jobs/" + second + "/brief").param("open", "kit"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String kit = page.replaceAll("(?s).*brief/kits/([0-9a-f-]{36})/remove.*", "$1");
        assertThat(kit).hasSize(36);

        String take =
                "{\"stage\":\"brief\",\"gesture\":\"take-kit\",\"arguments\":{\"template\":\"%s\"}}".formatted(kit);
        perform(
                        owner,
                        post("/jobs/" + second + "/changes")
                                .contentType("application/json")
                                .content(take))
                .andExpect(status().isOk());

        assertThat(plans.load(second).kit()).extracting("label").isNotNull();
        assertThat(plans.load(second).kit().stream().map(one -> one.label()))
                .containsExactlyInAnyOrderElementsOf(
                        plans.load(jobId).kit().stream().map(one -> one.label()).toList());
        UUID theirs = newJobs.create(other, "Theirs");
        perform(
                        other,
                        post("/jobs/" + theirs + "/changes")
                                .contentType("application/json")
                                .content(take))
                .andExpect(status().isUnprocessableContent());
        perform(other, post("/jobs/" + theirs + "/brief/kits/" + kit + "/remove"))
                .andExpect(status().isNotFound());
    }
}
