package upshot.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.job.Edits;
import upshot.app.job.NewJobs;
import upshot.app.job.Proposal;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.app.store.Jobs;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.exchange.json.PlanJson;

/** What somebody can do about their own account, and the owner about those of others. */
@AppTest
class AccountCareTest {

    private static final String OTHER = "another-harbour-8";

    @Autowired
    private People people;

    @Autowired
    private Accounts accounts;

    @Autowired
    private OneTimeLinks links;

    @Autowired
    private Leaving leaving;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private Jobs jobs;

    @Autowired
    private JobMembers members;

    @Autowired
    private Edits edits;

    @Autowired
    private JdbcClient jdbc;

    @LocalServerPort
    private int port;

    @Test
    void another_password_ends_other_sessions_and_keeps_this_one() throws Exception {
        Account account = people.account();
        Web here = new Web(port).signIn(account.email(), People.PASSWORD);
        Web there = new Web(port).signIn(account.email(), People.PASSWORD);

        String refused = change(here, "wrong", OTHER).body();
        assertThat(refused).contains("This is not your present password.").doesNotContain(OTHER);
        assertThat(change(here, People.PASSWORD, "          ").body()).contains("spaces at the ends do not count");
        assertThat(change(here, People.PASSWORD, OTHER).headers().firstValue("Location"))
                .hasValueSatisfying(to -> assertThat(to).endsWith("said=password"));
        assertThat(here.send(here.request("/jobs")).statusCode()).isEqualTo(200);
        assertThat(there.send(there.request("/jobs")).statusCode()).isEqualTo(302);
        assertThat(there.send(there.json("/jobs/x/changes", "t", "{}")).statusCode())
                .isIn(401, 403);
        assertThat(new Web(port)
                        .trySignIn("/sign-in", account.email(), People.PASSWORD)
                        .statusCode())
                .isEqualTo(401);
        new Web(port).signIn(account.email(), OTHER);
    }

    private static HttpResponse<String> change(Web web, String present, String password) throws Exception {
        return web.post("/account/password", "_csrf", web.token("/account"), "present", present, "password", password);
    }

    @Test
    void sessions_are_ended_by_themselves_too() throws Exception {
        Account account = people.account();
        Web here = new Web(port).signIn(account.email(), People.PASSWORD);
        Web there = new Web(port).signIn(account.email(), People.PASSWORD);
        assertThat(here.get("/account")).contains("one other browser");
        here.post("/account/sessions/end", "_csrf", here.token("/account"));

        assertThat(here.get("/account")).contains("signed in here alone");
        assertThat(there.send(there.request("/account")).statusCode()).isEqualTo(302);
    }

    @Test
    void a_link_of_the_owner_s_chooses_a_password_once() throws Exception {
        Account account = people.account();
        Web there = new Web(port).signIn(account.email(), People.PASSWORD);
        String secret = links.make(account.id());
        Web web = new Web(port);

        assertThat(choose(web, secret, "short").body()).contains("Use 10 characters or more");
        assertThat(choose(web, secret, OTHER).statusCode()).isEqualTo(302);
        assertThat(choose(web, secret, "a third one, later").body()).contains("was used, or is older than a day");
        assertThat(there.send(there.request("/jobs")).statusCode())
                .as("signed out")
                .isEqualTo(302);
        new Web(port).signIn(account.email(), OTHER);
        assertThat(jdbc.sql("select count(*) from one_time_link where secret_hash = ?")
                        .param(secret)
                        .query(Integer.class)
                        .single())
                .as("the secret itself is nowhere")
                .isZero();
    }

    private static HttpResponse<String> choose(Web web, String code, String password) throws Exception {
        return web.post("/new-password", "_csrf", web.token("/new-password"), "code", code, "password", password);
    }

    @Test
    void a_link_older_than_a_day_and_an_earlier_one_do_not_work() {
        Account account = people.account();
        String first = links.make(account.id());
        String second = links.make(account.id());
        jdbc.sql("update one_time_link set expires_at = expires_at - interval 25 hour where account_id = ?")
                .param(account.id().toString())
                .update();

        assertThat(links.use(first)).isEmpty();
        assertThat(links.use(second)).isEmpty();
    }

    @Test
    void who_is_no_owner_makes_no_links_and_removes_nobody() throws Exception {
        Account other = people.account();
        Web web = new Web(port).signIn(people.account().email(), People.PASSWORD);
        String token = web.token("/jobs");

        for (String what : List.of("link", "remove")) {
            assertThat(web.post("/people/%s/%s".formatted(other.id(), what), "_csrf", token)
                            .statusCode())
                    .isEqualTo(404);
        }
        assertThat(accounts.find(other.email())).isPresent();
    }

    @Test
    void there_is_one_owner_whatever_the_clock_said_and_their_account_stays() {
        assertThatThrownBy(() -> accounts.createOwner("second@test.example", "Second", OTHER))
                .isInstanceOf(DataIntegrityViolationException.class);
        Account owner = accounts.all().get(0);
        assertThat(owner.isOwner()).isTrue();
        jdbc.sql("update account set created_at = '1999-01-01' where id = ?")
                .param(people.account().id().toString())
                .update();

        assertThat(accounts.all().get(0).id()).isEqualTo(owner.id());
        assertThatThrownBy(() -> leaving.leave(owner.id())).isInstanceOf(java.util.NoSuchElementException.class);
    }

    @Test
    void whoever_leaves_takes_their_jobs_along_passes_shared_ones_on_and_keeps_no_name() throws Exception {
        Account goes = people.account();
        Account stays = people.account();
        Plan plan = new SamplePlan().build();
        UUID alone = newJobs.create(new SignedIn(goes), plan);
        UUID shared = newJobs.create(new SignedIn(goes), plan);
        UUID others = newJobs.create(new SignedIn(stays), plan);
        members.save(new JobMember(shared, stays.id(), java.time.Instant.now()));
        members.save(new JobMember(others, goes.id(), java.time.Instant.now()));
        edits.edit(
                others,
                new SignedIn(goes),
                context -> Proposal.of("length", Change.set(plan.brief(), "lengthS", 12.0)));
        Web web = new Web(port).signIn(goes.email(), People.PASSWORD);
        assertThat(web.post("/account/leave", "_csrf", web.token("/account"), "password", "wrong")
                        .body())
                .contains("not your present password");
        web.post("/account/leave", "_csrf", web.token("/account"), "password", People.PASSWORD);

        assertThat(web.send(web.request("/jobs")).statusCode()).isEqualTo(302);
        assertThat(accounts.find(goes.email())).isEmpty();
        assertThat(jobs.findByOwnerId(goes.id())).isEmpty();
        assertThat(jobs.findByIdAndOwnerId(alone, goes.id())).isEmpty();
        assertThat(jobs.findByIdAndOwnerId(shared, stays.id())).isPresent();
        assertThat(jobs.findVisible(others, goes.id())).isEmpty();
        assertThat(edits.newsSince(others, 0, new SignedIn(stays))).startsWith("somebody who left: length");
        assertThat(new Web(port).trySignIn("/sign-in", "left-" + goes.id(), "").statusCode())
                .isEqualTo(401);
    }

    @Test
    void what_is_kept_of_somebody_comes_as_one_file() throws Exception {
        Account account = people.account();
        Plan plan = new SamplePlan().build();
        UUID job = newJobs.create(new SignedIn(account), plan);
        newJobs.create(people.person(), plan);
        Web web = new Web(port).signIn(account.email(), People.PASSWORD);
        byte[] zip = web.client()
                .send(web.request("/account/data.zip").build(), java.net.http.HttpResponse.BodyHandlers.ofByteArray())
                .body();
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }

        assertThat(files)
                .containsKeys("account.json", "edits.json", "remarks.json", "log.json")
                .hasSize(9);
        assertThat(PlanJson.read(files.get("jobs/%s/plan.json".formatted(job)))).isEqualTo(plan);
        assertThat(new String(files.get("account.json"), StandardCharsets.UTF_8))
                .contains(account.email())
                .doesNotContain("argon2");
    }

    @Test
    void an_address_is_itself_to_the_letter() {
        String name = "bob-" + UUID.randomUUID() + "@test.example";
        Account bob = accounts.create(name, "Bob", OTHER);

        assertThat(accounts.find(name.replace("bob", "bób"))).isEmpty();
        assertThat(accounts.find(name.replace("bob", "BOB"))).map(Account::id).contains(bob.id());
        assertThat(accounts.create(name.replace("bob", "bób"), "Bób", OTHER).id())
                .isNotEqualTo(bob.id());
    }

    @ParameterizedTest
    @ValueSource(strings = {"\ud800", "a\u0000b", "   ", "\uffff"})
    void a_name_that_cannot_be_shown_is_none(String name) {
        assertThat(new ShownName.Check().isValid(name, null)).isFalse();
        assertThat(new ShownName.Check().isValid("Ada 🎬", null)).isTrue();
        assertThat(new GoodPassword.Check().isValid(name + "123456789" + "\ud800", null))
                .isFalse();
    }

    @Test
    void the_owner_makes_the_link_on_the_people_page_and_sees_it_once() throws Exception {
        Account person = people.account();
        ShownAccount shown = new ShownAccount("planner@saltmarsh.example", "", "saltmarsh-clay");
        Web owner = new Web(port).signIn(shown.email(), shown.password());
        String page = owner.post("/people/%s/link".formatted(person.id()), "_csrf", owner.token("/people"))
                .body();
        String secret = Web.found(Pattern.compile("/new-password#([0-9a-f]{48})"), page);

        assertThat(owner.get("/people")).doesNotContain(secret);
        assertThat(links.use(secret)).contains(person.id());
    }
}
