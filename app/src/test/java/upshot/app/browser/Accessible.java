package upshot.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.List;

/** What axe has to say against a page. */
final class Accessible {

    private Accessible() {}

    /** Fails on anything serious or critical. */
    static void check(Page page, String what) {
        // Colours on their way from one to another have no contrast of their own.
        page.waitForFunction("() => document.getAnimations().every((one) => one.playState !== 'running')");
        // In one window, and without a word on the thousands of places that are as they should be.
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        List<String> serious = new AxeBuilder(page)
                .options(options).setLegacyMode(true).analyze().getViolations().stream()
                        .filter(one -> List.of("serious", "critical").contains(one.getImpact()))
                        .map(one -> one.getId() + " " + one.getNodes().get(0).getHtml())
                        .toList();
        assertThat(serious).as("axe on " + what).isEmpty();
    }
}
