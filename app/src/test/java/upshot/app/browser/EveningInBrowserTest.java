package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.demo.DemoPlans;
import upshot.day.log.What;

/** The demo's evening plays itself: the desk and a phone are in it, and the phones' network is cut and joined again. */
class EveningInBrowserTest extends OnPhone {

    @Autowired
    private DemoPlans demo;

    @Test
    void the_desk_and_a_phone_are_in_the_evening_that_plays() {
        newJob(demo.kilnNight());
        page.navigate("/jobs/%s/roll".formatted(jobId()));
        ready();
        Page phone = another(true);
        signedIn(phone, planner().getUsername());
        openOnPhone(phone);
        page.bringToFront();
        button("Play the evening").click();
        assertThat(page.locator("#rolled")).containsText("The evening plays itself");
        assertThat(page.locator(".roll-takes")).containsText("A001C001");
        assertThat(phone.locator("#clock")).hasText(Pattern.compile("(17|18|19|20):\\d\\d"));

        button("Cut the phones’ network").click();
        assertThat(phone.locator("#outbox")).containsText("No network");
        button("Join it again").click();
        assertThat(phone.locator("#outbox")).containsText("All sent");

        assertThat(page.locator("#rolled"))
                .not()
                .containsText(
                        "The evening plays itself", new LocatorAssertions.ContainsTextOptions().setTimeout(60_000));
        assertThat(page.locator("#rolled")).containsText(Pattern.compile("1[5-8] of 20 shots got"));
        assertThat(page.locator("#rolled")).containsText("rolled 19:37, 22 min later");
        assertThat(page.locator("#rolled")).containsText("again: focus");
        assertThat(page.locator("#rolled")).containsText("extra, ");
        Accessible.check(page, "the day as it ran");
        assertThat(logged()).filteredOn(entry -> entry.what() == What.ORDER).hasSize(1);
        expectComplaintsOfAll("503");
    }
}
