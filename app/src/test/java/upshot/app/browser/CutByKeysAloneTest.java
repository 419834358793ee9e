package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** The cut without a pointer: what is not under a single key is reached with the tabulator. */
@AppTest
class CutByKeysAloneTest extends CutInBrowser {

    private static final int MOST_TABS = 60;

    @BeforeEach
    void begin() {
        cutWithAFlip();
        page.keyboard().press("Escape");
    }

    private void press(String key) {
        page.keyboard().press(key);
        assertThat(page.locator("body")).hasAttribute("data-busy", "false");
    }

    /** Goes on from where the keyboard is, to the first of these. */
    private Locator tabTo(Locator wanted) {
        for (int i = 0; i < MOST_TABS; i++) {
            page.keyboard().press("Tab");
            if ((boolean) wanted.first().evaluate("one => one === document.activeElement")) {
                return wanted.first();
            }
        }
        throw new AssertionError(MOST_TABS + " tabs do not lead to " + wanted);
    }

    /** A list is set by typing how its entry begins. */
    private void choose(Locator list, String beginning) {
        tabTo(list);
        page.keyboard().type(beginning);
        assertThat(page.locator("body")).hasAttribute("data-busy", "false");
    }

    private Locator inPanel(String label) {
        return page.locator("#panel").getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    @Test
    void what_is_said_of_a_joint_is_worked_and_then_transitions_playback_and_the_tray() {
        findingsAreLetStandOpenedAgainComparedAndMended();
        transitionsPlaybackAndTheTrayAreSet();
    }

    private void findingsAreLetStandOpenedAgainComparedAndMended() {
        press("n");
        assertThat(page.locator(".joint-title")).containsText("breaks");
        press("g");
        assertThat(page.locator("#panel")).isFocused();
        tabTo(page.locator("#over summary"));
        press("Enter");
        assertThat(page.locator("#over svg.frame-over")).isVisible();
        tabTo(page.locator(".finding[data-rule=travel-flip] .accept summary"));
        press("Enter");
        tabTo(page.getByLabel("Because"));
        page.keyboard().type("The crew turns round");
        press("Enter");
        assertThat(page.locator(".let-stand")).containsText("The crew turns round");

        press("g");
        assertThat(page.locator("#panel")).isFocused();
        tabTo(button("Open it again"));
        press("Enter");
        assertThat(page.locator("#joint-1")).hasAttribute("data-status", "break");
        press("g");
        press("g");
        tabTo(page.locator(".finding[data-rule=travel-flip] .mend"));
        press("Enter");
        assertThat(page.locator(".joint-title")).not().containsText("breaks");
    }

    private void transitionsPlaybackAndTheTrayAreSet() {
        press("Escape");
        press("g");
        press("g");
        press("ArrowRight");
        assertThat(page.locator("#panel h2")).containsText("Joint 2");
        press("g");
        choose(inPanel("Transition"), "whip");
        assertThat(page.locator("#panel")).containsText("Needs a pan the same way in both");

        press("Escape");
        press("g");
        press("g");
        tabTo(page.locator(".tile[data-place='1']"));
        press("Enter");
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 2.");
        press("g");
        tabTo(inPanel("Playback"));
        page.keyboard().type("-1");
        press("Enter");
        assertThat(page.locator("#panel .quiet").first()).containsText("reversed");
        press("Escape");
        press("g");
        tabTo(page.locator(".offer-button"));
        press("Enter");
        assertThat(page.locator("#said")).containsText("put ");
        assertThat(page.locator(".joint")).hasCount(3);
        tabTo(page.locator(".offer .mend"));
        press("Enter");
        assertThat(page.locator("#said")).containsText("instead of");
        assertThat(page.locator(".joint")).hasCount(3);
    }

    @Test
    void lines_balance_schools_arranging_and_playing_are_worked() {
        choose(page.getByLabel("Lines by"), "seconds");
        assertThat(page.locator(".tick-bar").first()).hasText("0 s");
        Locator stands = tabTo(page.locator("#chart-camera .part").last());
        press("Enter");
        assertThat(stands).hasAttribute("aria-pressed", "true");
        choose(page.locator("#balance").getByLabel("Movement"), "most");
        assertThat(page.locator("#chart-camera .chart-finding")).containsText("at least 60 % should");

        press("Escape");
        press("b");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText(Pattern.compile("As it is\\s+3 uses"));
        tabTo(button("Three others"));
        press("Enter");
        assertThat(dialog.locator("[data-arrange-place]")).hasAttribute("data-seed", "2");
        // A proposal is played without being taken, and the choice stands as it was.
        tabTo(button("Play: Fewer and longer"));
        press("Enter");
        assertThat(page.locator("#player [data-caption]")).containsText(" of ");
        assertThat(page.locator("#said")).not().containsText("arrange");
        press("Escape");
        assertThat(page.locator("#player")).isHidden();
        assertThat(button("Take this cut: Place first")).isEnabled();
        tabTo(button("Take this cut: Place first"));
        press("Enter");
        assertThat(page.locator("#said")).containsText("arrange the cut");
        press("u");
        assertThat(page.locator(".joint")).hasCount(2);

        press(" ");
        assertThat(button("Pause")).isVisible();
        press("ArrowRight");
        press("Escape");
        assertThat(dialog).hasCount(0);
    }
}
