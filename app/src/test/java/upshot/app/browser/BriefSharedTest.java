package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;

/** Two people on one brief, files that cannot be read, a job thrown away and brought back. */
@AppTest
class BriefSharedTest extends InBrowser {

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private JobMembers members;

    @Test
    void two_people_see_each_other_s_edits_and_settle_a_conflict() {
        Account ada = people.account();
        Account ben = people.account();
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        var jobId = newJobs.create(new SignedIn(ada), sample.build());
        members.save(new JobMember(jobId, ben.id(), java.time.Instant.now()));
        Page other = another(false);
        signIn(ada.email(), People.PASSWORD);
        signIn(other, ben.email(), People.PASSWORD);
        String address = "/jobs/%s/brief?action=%s&open=delivery".formatted(jobId, action.id());
        page.navigate(address);
        other.navigate(address);
        assertThat(other.locator("body[data-ready]")).isVisible();

        page.getByLabel("Promo", new Page.GetByLabelOptions().setExact(true)).fill("21");
        page.keyboard().press("Tab");
        assertThat(other.locator("#job-line")).containsText("21 s promo");
        assertThat(other.locator("#said")).containsText("Test Person: Sample: length 21");

        // Ben is typing while Ada changes the same field: he is told, and decides.
        Locator his = other.getByLabel("What happens");
        his.fill("Ada crosses the yard slowly");
        page.getByLabel("What happens").fill("Ada crosses the hall");
        page.keyboard().press("Tab");
        assertThat(other.locator(".action-name")).hasText("Ada crosses the hall");
        assertThat(his).hasValue("Ada crosses the yard slowly");
        his.press("Tab");
        assertThat(other.locator(".action-fields .problem").first())
                .containsText(
                        "Test Person made it “Ada crosses the hall” meanwhile; you wrote “Ada crosses the yard slowly”.");
        other.locator("button:text-is('Use mine')").click();
        assertThat(other.locator(".action-name")).hasText("Ada crosses the yard slowly");
        assertThat(page.locator(".action-name")).hasText("Ada crosses the yard slowly");
    }

    @Test
    void a_file_that_cannot_be_read_says_where_and_changes_nothing() {
        newJob("Files");
        block("agenda");
        Locator file = page.locator("#agenda-file");
        file.setInputFiles(new FilePayload(
                "agenda.csv", "text/csv", "time,what\n18:30,Doors\nlater,Kiln\n".getBytes(StandardCharsets.UTF_8)));
        page.locator(".take-in:has(#agenda-file) button[type=submit]").click();
        assertThat(page.locator(".take-in:has(#agenda-file) .problem")).containsText("Line 3: “later” is no time");
        assertThat(page.locator("#block-agenda .record")).hasCount(0);

        file.setInputFiles(new FilePayload(
                "agenda.csv", "text/csv", "time,what\n18:30,Doors\n19:00,Kiln\n".getBytes(StandardCharsets.UTF_8)));
        page.locator(".take-in:has(#agenda-file) button[type=submit]").click();
        assertThat(page.locator(".taken li")).hasText(new String[] {"18:30 Doors, 10 min", "19:00 Kiln, 10 min"});
        page.locator(".take-in:has(#agenda-file) [data-preview] button").click();
        assertThat(page.locator("#block-agenda .record")).hasCount(2);
        assertThat(page.locator(".take-in:has(#agenda-file) .problem")).isHidden();
    }

    @Test
    void a_job_is_thrown_away_and_brought_back() {
        newJob("Short life");
        page.navigate("/jobs");
        page.locator(".job-care > summary").first().click();
        page.locator(".job-care .job-care > summary").click();
        button("Throw it away").click();
        assertThat(page.locator("h2 a", new Page.LocatorOptions().setHasText("Short life")))
                .hasCount(0);
        button("Bring it back").click();
        assertThat(page.locator("h2 a", new Page.LocatorOptions().setHasText("Short life")))
                .isVisible();
    }
}
