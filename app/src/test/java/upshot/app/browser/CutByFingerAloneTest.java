package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** The cut by finger, but for the edits and drags on the score itself. */
@AppTest
class CutByFingerAloneTest extends CutInBrowser {

    private Page touched;

    @BeforeEach
    void begin() {
        cutWithAFlip();
        touched = another(true);
        touched.context().addCookies(page.context().cookies());
        touched.navigate(page.url());
        assertThat(touched.locator("body[data-ready]")).isVisible();
    }

    private void tap(Locator one) {
        one.tap();
        assertThat(touched.locator("body")).hasAttribute("data-busy", "false");
    }

    private Locator inPanel(String label) {
        return touched.locator("#panel").getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    private Locator pressable(String name) {
        return touched.getByRole(AriaRole.BUTTON, named(name));
    }

    @Test
    void what_is_said_of_the_cut_is_worked_and_then_the_cut_itself() {
        findingsAreLetStandOpenedAgainAndMended();
        transitionsUsesLinesBalanceAndArrangingAreWorked();
    }

    private void findingsAreLetStandOpenedAgainAndMended() {
        tap(touched.locator("#findings a"));
        Locator flip = touched.locator(".finding[data-rule=travel-flip]");
        tap(flip.locator(".accept summary"));
        flip.getByLabel("Because").fill("The crew turns round");
        tap(flip.locator(".accept button"));
        assertThat(touched.locator(".let-stand")).containsText("The crew turns round");
        tap(pressable("Open it again"));
        assertThat(touched.locator("#joint-1")).hasAttribute("data-status", "break");
        tap(flip.locator(".mend").first());
        assertThat(touched.locator(".joint-title")).not().containsText("breaks");
    }

    private void transitionsUsesLinesBalanceAndArrangingAreWorked() {
        tap(touched.locator("#joint-2"));
        inPanel("Transition").selectOption(new SelectOption().setLabel("whip"));
        assertThat(touched.locator("#panel")).containsText("Needs a pan the same way in both");

        tap(touched.locator(".tile[data-place='1']").first());
        for (String edit : new String[] {"Duplicate D", "Split S", "Earlier E", "Later L", "Begin later Z"}) {
            tap(pressable(edit));
        }
        assertThat(touched.locator(".joint")).hasCount(4);
        tap(pressable("Take out X"));
        assertThat(touched.locator(".joint")).hasCount(3);
        tap(touched.locator(".tile[data-place='1']").first());
        inPanel("Playback").fill("0");
        inPanel("Playback").press("Enter");
        assertThat(touched.locator("#panel")).containsText("One picture of the");
        tap(touched.locator(".offer .mend").first());
        assertThat(touched.locator("#said")).containsText("instead of");

        touched.getByLabel("Lines by").selectOption("seconds");
        assertThat(touched.locator(".tick-bar").first()).hasText("0 s");
        touched.locator("#balance").getByLabel("Movement").selectOption("KEEP_MOVING");
        assertThat(touched.locator("#chart-camera")).containsText("at least 60 % moving");
        tap(touched.locator(".pace-column").nth(1));
        assertThat(touched.locator("#panel .quiet").first()).containsText("Use 2.");

        tap(touched.locator("[data-arrange]"));
        tap(touched.locator("[data-arrange-another]:enabled"));
        assertThat(touched.locator("[data-arrange-place]")).hasAttribute("data-seed", "2");
        tap(touched.locator("[data-arrange-close]"));
        assertThat(touched.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
