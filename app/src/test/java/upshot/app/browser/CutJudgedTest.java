package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** What is said of the cut and what a planner does about it: mends, findings let stand, transitions, balance, Arrange. */
@AppTest
class CutJudgedTest extends CutInBrowser {

    @Test
    void a_mend_says_what_it_clears_and_raises_before_it_is_pressed() {
        cutWithAFlip();
        page.locator(".joint[data-status=break]").first().click();
        Locator mends = page.locator(".finding[data-rule=travel-flip] .looked-mends li");
        assertThat(mends.first().locator(".outlook")).containsText("Clears travel flips at joint 1");
        mends.first().locator(".mend").click();
        assertThat(page.locator(".joint-title")).not().containsText("breaks");
    }

    @Test
    void a_finding_is_let_stand_with_a_reason_that_reaches_the_editor_and_is_opened_again() {
        cutWithAFlip();
        page.keyboard().press("n");
        assertThat(page.locator(".joint-title")).containsText("breaks");
        Locator finding = page.locator(".finding[data-rule=travel-flip]");
        finding.locator(".accept summary").click();
        finding.locator(".accept button").click();
        assertThat(finding.locator(".problem")).containsText("Say why it may stand");
        finding.getByLabel("Because").fill("The crew turns round");
        finding.getByLabel("Because").press("Enter");
        assertThat(page.locator(".finding[data-rule=travel-flip] .let-stand"))
                .containsText("Let stand: The crew turns round");
        assertThat(page.locator("#joint-1")).hasAttribute("data-status", "accepted");
        Accessible.check(page, "a finding that is let stand");

        stage(7);
        assertThat(page.locator("main")).containsText("Let stand: The crew turns round");
        stage(3);
        page.locator("#joint-1").click();
        button("Open it again").click();
        assertThat(page.locator("#joint-1")).hasAttribute("data-status", "break");
    }

    @Test
    void both_frames_are_laid_over_each_other_with_the_way_of_the_eye() {
        cutWithAFlip();
        page.locator("#joint-1").click();
        page.locator("#over summary").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#over svg"))
                .hasAttribute("aria-label", Pattern.compile("the eye goes \\d+ % of the long side"));
    }

    @Test
    void a_transition_says_what_it_needs_and_the_shot_says_what_is_asked_of_it() {
        cutWithAFlip();
        page.locator("#joint-2").click();
        page.locator("#panel").getByLabel("Transition").selectOption(new SelectOption().setLabel("whip"));
        assertThat(page.locator("#panel")).containsText("Needs a pan the same way in both");
        assertThat(page.locator(".finding[data-rule=transition-fit]")).containsText("No whip there.");
        page.locator(".finding[data-rule=transition-fit] .mend").first().click();
        assertThat(page.locator(".finding[data-rule=transition-fit]")).hasCount(0);
        stage(2);
        page.locator(".thumb").nth(1).click();
        page.locator(".whole-shot").click();
        assertThat(page.locator("#shot .ready")).containsText("It ends with a whip");
    }

    @Test
    void the_balance_opens_to_its_uses_and_follows_the_schools_at_once() {
        cutWithAFlip();
        Locator stands = page.locator("#chart-camera .part").last();
        assertThat(stands).hasAttribute("aria-label", Pattern.compile("Camera, stands: .* in 2 uses"));
        stands.click();
        assertThat(page.locator(".tile.is-marked:not(.opens-left)")).hasCount(2);
        assertThat(page.locator("#chart-camera .part").last()).hasAttribute("aria-pressed", "true");
        page.locator("#balance").getByLabel("Movement").selectOption("KEEP_MOVING");
        assertThat(page.locator("#said")).containsText("Raises it rests too much in the whole cut");
        assertThat(page.locator("#chart-camera")).containsText("at least 60 % moving");
        assertThat(page.locator("#chart-camera .chart-finding")).containsText("at least 60 % should");
        Locator target = page.locator("#balance").getByLabel("Opening", new Locator.GetByLabelOptions().setExact(true));
        target.fill("5");
        target.press("Tab");
        assertThat(page.locator("#chart-beats")).containsText("30 of 5 s");
        assertThat(page.locator("#chart-beats .chart-finding")).containsText("5 s were meant for it");
        page.locator(".pace-column").nth(1).click();
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 2.");
        Accessible.check(page, "the balance");
    }

    @Test
    void arranging_is_looked_at_beside_the_cut_there_is_taken_and_undone_at_once() {
        cutWithAFlip();
        page.keyboard().press("Escape");
        page.keyboard().press("b");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.locator(".strip-part")).hasCount(4);
        assertThat(dialog).containsText(Pattern.compile("As it is\\s+3 uses, [12] breaks?"));
        assertThat(dialog).containsText("no breaks");
        Accessible.check(page, "Arrange for me");
        String first = dialog.locator(".strip-part").nth(1).textContent();
        button("Three others").click();
        assertThat(button("Take this cut: Place first")).isEnabled();
        assertThat(dialog.locator("[data-arrange-place]")).hasAttribute("data-seed", "2");
        assertThat(first).isNotEmpty();
        button("Take this cut: Place first").click();
        assertThat(page.locator("#said")).containsText("arrange the cut");
        assertThat(gauge("joints break")).hasText("0");
        page.locator("[data-step=undo]").click();
        assertThat(gauge("joints break")).not().hasText("0");
    }
}
