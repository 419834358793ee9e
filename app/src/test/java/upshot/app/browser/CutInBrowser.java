package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.Map;
import upshot.core.plan.Change;

/** A window on a small cut in which something has to be said. */
abstract class CutInBrowser extends InBrowser {

    /** Three shots of one action, the second from the other side of its line. */
    final void cutWithAFlip() {
        newJob("Judged");
        happens("Ferry crew casts off left to right", "Opening");
        threeOfEach();
        set(plan -> Change.set(plan.shots().get(1), "bearingDeg", 300.0));
        made("story-cut", Map.of());
        stage(3);
        assertThat(page.locator(".joint")).hasCount(2);
    }
}
