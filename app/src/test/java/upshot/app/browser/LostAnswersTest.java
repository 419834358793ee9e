package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** An answer that never comes: the page says what it does not know, tries again by itself, and the edit is made once. */
@AppTest
class LostAnswersTest extends InBrowser {

    private static final String LINE = "Potter throws a bowl";

    private void type(String line) {
        page.getByLabel("Who does what").fill(line);
        page.getByLabel("Who does what").press("Enter");
    }

    @Test
    void an_edit_that_was_made_but_not_answered_is_not_made_again() {
        newJob("Lost");
        AtomicInteger sent = new AtomicInteger();
        page.route("**/changes", route -> {
            if (sent.getAndIncrement() == 0) {
                // It reaches the server, and the answer is lost on the way back.
                route.fetch();
                route.abort();
            } else {
                route.resume();
            }
        });
        type(LINE);
        assertThat(page.locator("#said"))
                .containsText("Whether it was saved is not known. It is tried again by itself.");
        assertThat(page.getByLabel("Who does what")).isFocused();
        assertThat(page.locator("#said")).containsText("Done: add " + LINE);
        assertThat(page.locator(".action-name")).hasCount(1);
        assertThat(sent.get()).isEqualTo(2);
        expectComplaints("net::ERR_FAILED");
    }

    @Test
    void a_server_that_is_away_is_waited_for_and_leaving_the_page_is_asked_about() {
        newJob("Away");
        List<String> said = new ArrayList<>();
        AtomicInteger sent = new AtomicInteger();
        page.route("**/changes", route -> {
            if (sent.getAndIncrement() < 2) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(503)
                        .setContentType("application/json")
                        .setBody("{\"message\":\"The database does not answer just now.\"}"));
            } else {
                route.resume();
            }
        });
        page.onDialog(dialog -> {
            said.add(dialog.type());
            dialog.dismiss();
        });
        type(LINE);
        assertThat(page.locator("#said")).containsText("The application does not answer.");
        page.evaluate("() => location.assign('/jobs')");
        button("Try now").click();
        assertThat(page.locator("#said")).containsText("Done: add " + LINE);
        assertThat(said).containsExactly("beforeunload");
        assertThat(page.locator(".action-name")).hasCount(1);
        expectComplaints("status of 503");
    }

    @Test
    void a_fault_of_the_application_is_not_asked_for_ever_and_what_was_typed_stays() {
        newJob("Fault");
        page.route("**/changes", route -> route.fulfill(new Route.FulfillOptions().setStatus(500)));
        type(LINE);
        assertThat(page.locator("[data-problem]:visible, .problem:visible").first())
                .containsText("Whether it was saved is not known.");
        assertThat(page.getByLabel("Who does what")).hasValue(LINE);
        expectComplaints("status of 500");
    }

    @Test
    void news_that_does_not_come_is_said_once_and_taken_back() {
        page.clock().install();
        newJob("No news");
        page.route("**/news?*", route -> route.abort());
        page.clock().runFor(10_000);
        assertThat(page.locator("#said")).containsText("What others change is not shown until it does.");
        page.unroute("**/news?*");
        page.clock().runFor(4_000);
        assertThat(page.locator("#said")).containsText("The application answers again.");
        expectComplaints("net::ERR_FAILED");
    }
}
