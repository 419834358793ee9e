package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** Holes are looked at and filled in part, figures open to their formulas, findings are mended. */
@AppTest
class CoveragePathTest extends InBrowser {

    private void bowl() {
        newJob("Bowls");
        happens("Potter turns a bowl 10 s repeats shows the bowl", "Opening");
    }

    @Test
    void proposed_shots_are_looked_at_and_taken_in_part() {
        bowl();
        stage(2);
        assertThat(gauge("open holes")).hasText("10");
        int holes = page.locator(".hole").count();
        button("See them first").click();
        Locator proposed = page.locator("#fill-preview li");
        assertThat(proposed).hasCount(6);
        assertThat(proposed.first()).containsText("the room gives 6 m");
        proposed.nth(1).locator("input").uncheck();
        button("Take the chosen ones").click();

        assertThat(page.locator(".thumb")).hasCount(5);
        assertThat(page.locator(".hole")).hasCount(1);
        page.keyboard().press("u");
        assertThat(page.locator(".thumb")).hasCount(0);
        assertThat(page.locator(".hole")).hasCount(holes);
    }

    @Test
    void a_figure_opens_to_its_formula_and_flicker_is_mended() {
        bowl();
        stage(2);
        page.keyboard().press("f");
        assertThat(page.locator(".hole")).hasCount(0);
        page.locator(".thumb").nth(1).click();
        Locator distance = page.locator(".figure", new Page.LocatorOptions().setHasText("Distance"));
        distance.locator("summary").click();
        assertThat(distance).containsText("d = f(F/s_h + 1)");

        page.locator(".whole-shot").click();
        page.getByRole(AriaRole.BUTTON, named("120")).click();
        Locator pulse = page.locator(".finding[data-rule=lamp-flicker]");
        assertThat(pulse).containsText("beat 4 times a second on screen");
        pulse.locator(".mend", new Locator.LocatorOptions().setHasText("Lamps off"))
                .click();
        assertThat(page.locator(".finding[data-rule=lamp-flicker]")).hasCount(0);
        assertThat(page.locator(".ready")).containsText("Lamps off");
    }

    @Test
    void each_school_asks_for_its_own_views() {
        bowl();
        for (String[] school : new String[][] {
            {"TRIPLE", "17", "No low"},
            {"PERFORMANCE", "16", "No master"},
            {"PRODUCT", "3", "No telling picture"},
            {"TRIAD", "10", "No wide"}
        }) {
            stage(1);
            block("house");
            page.getByLabel("Coverage", new Page.GetByLabelOptions().setExact(true))
                    .selectOption(school[0]);
            assertThat(gauge("open holes")).hasText(school[1]);
            stage(2);
            assertThat(page.locator(".hole", new Page.LocatorOptions().setHasText(school[2]))
                            .first())
                    .isVisible();
        }
    }
}
