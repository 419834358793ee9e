package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** No screen keeps anybody out: checked by axe on the demo, with things selected and opened. */
@AppTest
class AccessibilityTest extends InBrowser {

    private void accessible(String what) {
        Accessible.check(page, what);
    }

    @Test
    void no_screen_of_the_demo_has_a_serious_barrier() {
        page.navigate("/sign-in");
        accessible("sign-in");
        signIn("planner@saltmarsh.example", "saltmarsh-clay");
        page.locator(".job-care > summary").first().click();
        accessible("the jobs");
        page.navigate("/people");
        accessible("people");
        page.navigate("/jobs");
        page.getByRole(AriaRole.LINK, named("Kiln Night")).click();
        page.locator(".action-name").nth(2).click();
        assertThat(page.locator(".action-fields")).isVisible();
        accessible("Brief");
        for (String id : new String[] {"delivery", "music", "spots", "kit", "people", "agenda", "house"}) {
            block(id);
            page.locator("#block-" + id + " details > summary").all().forEach(Locator::click);
            accessible("Brief, " + id);
        }
        page.getByText("All rules, with what each").click();
        assertThat(page.locator("#rule-too-alike")).containsText("Turn that makes two views different");
        accessible("All rules");
        page.getByText("Back to the house rules").click();
        ready();
        stage(2);
        page.locator(".thumb").nth(5).click();
        assertThat(page.locator(".shot-panel")).isVisible();
        accessible("Coverage");
        stage(3);
        accessible("Cut, nothing chosen");
        page.locator(".joint[data-status=break]").first().click();
        assertThat(page.locator("#panel .pair")).isVisible();
        accessible("Cut");
        stage(5);
        page.locator("a.slot-body").nth(2).click();
        assertThat(page.locator("#panel")).containsText("Why here");
        assertThat(page.locator("#panel h3:text-is('Why not earlier') + p")).containsText(".");
        accessible("Day");
        page.locator(".slot-end").scrollIntoViewIfNeeded();
        assertThat(page.locator(".fixed-moments")).containsText("The kiln opens");
        assertThat(page.locator(".fixed-moments")).isInViewport();
        assertThat(page.locator("a.slot-body").first()).not().isInViewport();
        stage(7);
        accessible("Hand-off");
        page.navigate("/jobs/nothing/here");
        assertThat(page.locator("h1")).hasText("There is nothing here.");
        accessible("what is not there");
    }
}
