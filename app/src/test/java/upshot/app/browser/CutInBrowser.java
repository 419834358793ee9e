package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;

/** A window on a small cut in which something has to be said. */
abstract class CutInBrowser extends InBrowser {

    /** Three shots of one action, the second from the other side of its line. */
    final void cutWithAFlip() {
        newJob("Judged");
        action("Ferry crew casts off left to right", "Opening");
        stage(2);
        page.keyboard().press("f");
        assertThat(gauge("open holes")).hasText("0");
        page.locator(".thumb").nth(1).click();
        Locator bearing = page.locator("#panel").getByLabel("Bearing", new Locator.GetByLabelOptions().setExact(true));
        bearing.fill("300");
        bearing.press("Enter");
        assertThat(page.locator("#said")).containsText("bearing 300");
        stage(3);
        button("Cut in story order").last().click();
        assertThat(page.locator(".joint")).hasCount(2);
    }
}
