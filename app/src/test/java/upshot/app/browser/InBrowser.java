package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import upshot.app.AppTest;
import upshot.app.People;

/** A window on the running application for each test, with what a planner does everywhere. */
@AppTest
abstract class InBrowser {

    private static Browser browser;

    @LocalServerPort
    private int port;

    @Autowired
    People people;

    private final List<Browser.Window> others = new ArrayList<>();
    private Browser.Window window;
    Page page;

    @BeforeAll
    static void launch() {
        browser = new Browser();
    }

    @AfterAll
    static void quit() {
        browser.close();
    }

    @BeforeEach
    void openWindow() {
        window = browser.open("http://localhost:" + port);
        page = window.page();
    }

    /** A second window, for somebody else or for a finger; it is closed with the test. */
    final Page another(boolean touch) {
        String address = "http://localhost:" + port;
        Browser.Window opened = touch ? browser.openForTouch(address) : browser.open(address);
        others.add(opened);
        return opened.page();
    }

    /** A file that was downloaded, opened without a network. */
    final Page offline(Path file) {
        Browser.Window opened = browser.openOffline(file);
        others.add(opened);
        return opened.page();
    }

    /** Drags from the middle of something by so many pixels, with a mouse. */
    final void drag(Locator from, double right, double down) {
        from.scrollIntoViewIfNeeded();
        BoundingBox box = from.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + right / 2, y + down / 2);
        page.mouse().move(x + right, y + down);
        page.mouse().up();
    }

    @AfterEach
    void nothingWentWrong() {
        for (Browser.Window other : others) {
            assertThat(other.complaints()).isEmpty();
            other.close();
        }
        assertThat(window.complaints()).isEmpty();
        window.close();
    }

    final void signIn(String email, String password) {
        signIn(page, email, password);
    }

    static void signIn(Page page, String email, String password) {
        page.navigate("/");
        page.getByLabel("Address").fill(email);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
        assertThat(page).hasURL(Pattern.compile("/jobs$"));
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    final Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name));
    }

    final void newJob(String name) {
        signIn(people.account().email(), People.PASSWORD);
        page.getByLabel("Name").fill(name);
        button("Begin").click();
        assertThat(page.locator("body[data-ready]")).isVisible();
    }

    final void stage(int digit) {
        page.keyboard().press("Escape");
        page.keyboard().press(Integer.toString(digit));
        assertThat(page.locator(".lane a[data-digit='" + digit + "']")).hasAttribute("aria-current", "page");
        assertThat(page.locator("body[data-ready]")).isVisible();
    }

    /** Types one line of the talk; empty facts say nothing. */
    final void action(String line, String beat) {
        page.getByLabel("Beat").first().selectOption(new SelectOption().setLabel(beat));
        page.getByLabel("Who does what").fill(line);
        page.getByLabel("Who does what").press("Enter");
        assertThat(page.getByLabel("Who does what")).hasValue("");
    }

    /** Opens one of the blocks of the Brief. */
    final Locator block(String id) {
        Locator block = page.locator("#block-" + id);
        block.locator(".block-open").click();
        assertThat(block.locator(".block-open")).hasText("Close");
        return block;
    }

    final Locator gauge(String name) {
        return page.locator("#gauges li", new Page.LocatorOptions().setHasText(name))
                .locator(".gauge-figure");
    }
}
