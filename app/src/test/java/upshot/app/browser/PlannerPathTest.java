package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import upshot.app.AppTest;
import upshot.app.People;

/** What a planner does, from signing in to the editor's lists, in a real browser. */
@AppTest
class PlannerPathTest {

    private static Browser browser;

    @LocalServerPort
    private int port;

    @Autowired
    private People people;

    private Browser.Window window;
    private Page page;

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

    @AfterEach
    void nothingWentWrong() {
        assertThat(window.complaints()).isEmpty();
        window.close();
    }

    private void signIn(String email, String password) {
        page.navigate("/");
        page.getByLabel("Address").fill(email);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
        assertThat(page).hasURL(Pattern.compile("/jobs$"));
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name));
    }

    private void newJob(String name) {
        signIn(people.account().email(), People.PASSWORD);
        page.getByLabel("Name").fill(name);
        button("Begin").click();
        assertThat(page.locator("body[data-ready]")).isVisible();
    }

    private void stage(int digit) {
        page.keyboard().press("Escape");
        page.keyboard().press(Integer.toString(digit));
        assertThat(page.locator(".lane a[data-digit='" + digit + "']")).hasAttribute("aria-current", "page");
        assertThat(page.locator("body[data-ready]")).isVisible();
    }

    private void action(String what, String who, String moves, String beat) {
        page.getByLabel("Who does what").fill(what);
        page.getByLabel("Who or what").first().fill(who);
        page.getByLabel("Moves").selectOption(moves);
        page.getByLabel("Beat").first().selectOption(new SelectOption().setLabel(beat));
        button("Add").first().click();
        assertThat(page.locator(".action-name", new Page.LocatorOptions().setHasText(what)))
                .isVisible();
    }

    private Locator gauge(String name) {
        return page.locator("#gauges li", new Page.LocatorOptions().setHasText(name))
                .locator(".gauge-figure");
    }

    private void accessible(String what) {
        var serious = new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .filter(one -> List.of("serious", "critical").contains(one.getImpact()))
                        .map(one -> one.getId() + " " + one.getNodes().get(0).getHtml())
                        .toList();
        assertThat(serious).as("axe on " + what).isEmpty();
    }

    @Test
    void from_an_empty_job_to_the_editor_s_lists_and_all_the_way_back() throws IOException {
        newJob("Harbour film");
        assertThat(page.locator("#actions")).containsText("Nothing written down yet");
        action("Ferry crew casts off", "Ferry crew", "LEFT_TO_RIGHT", "Opening");
        action("Mate coils the rope", "Mate", "", "Middle");
        action("Ferry crew ties up", "Ferry crew", "LEFT_TO_RIGHT", "Ending");

        fillEveryHole();
        stage(3);
        button("Cut in story order").click();
        assertThat(page.locator("#length")).containsText("9 uses fill the promo to the frame");
        assertThat(gauge("joints break")).hasText("0");

        breakAJointByTurningTheSecondShot();
        mendItByItsButton();
        seeTheOrderOfTheDay();
        readBothLists();
        undoEverythingAfterAReload();
    }

    private void fillEveryHole() {
        stage(2);
        assertThat(gauge("open holes")).hasText("9");
        page.keyboard().press("f");
        assertThat(gauge("open holes")).hasText("0");
        assertThat(page.locator(".thumb")).hasCount(9);
    }

    /** Bearings are set on the slider by keyboard: from 30° to 330°, over the line. */
    private void breakAJointByTurningTheSecondShot() {
        stage(2);
        page.locator(".thumb").nth(1).click();
        Locator slider = page.getByLabel("Bearing slider");
        assertThat(slider).hasValue("30");
        slider.focus();
        slider.press("End");
        for (int i = 0; i < 5; i++) {
            slider.press("ArrowLeft");
        }
        assertThat(page.locator("#said")).containsText("bearing 330");
        assertThat(page.getByLabel("Bearing", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("330");
        assertThat(page.locator("#panel .figures")).containsText("right to left");
        assertThat(gauge("joints break")).not().hasText("0");
    }

    private void mendItByItsButton() {
        stage(3);
        Locator broken = page.locator(".joint[data-status=break]").first();
        broken.click();
        assertThat(page.locator("#panel h2")).containsText("breaks");
        assertThat(page.locator("#panel")).containsText("Travel flips.");
        page.locator(".finding[data-rule=travel-flip] .mend").nth(0).click();
        assertThat(gauge("joints break")).hasText("0");
        assertThat(page.locator("#panel h2")).containsText("is clear");
    }

    private void seeTheOrderOfTheDay() {
        stage(5);
        assertThat(page.locator(".slot").first()).containsText("Arrive, unload, safety talk");
        Locator setups = page.locator("a.slot-body");
        assertThat(setups.count()).isBetween(3, 9);
        setups.first().click();
        assertThat(page.locator("#panel")).containsText("Why here");
        assertThat(page.locator("#panel")).containsText("Rig the");
    }

    private void readBothLists() throws IOException {
        stage(7);
        String cut = download("Shot list by the cut, CSV");
        String day = download("Shot list by the day, CSV");

        assertThat(cut.lines()).hasSize(10);
        assertThat(cut)
                .startsWith(
                        "place,starts at frame,code,size,action,height,side,move,lens mm,rate fps,shutter,hold s,takes");
        assertThat(cut).contains("Mate coils the rope", "close-up", "left to right", ",1/50,");
        assertThat(day.lines()).hasSize(10);
        assertThat(day).contains("09:15,Main room");
    }

    private String download(String name) throws IOException {
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, named(name)).click());
        assertThat(download.suggestedFilename()).startsWith("Harbour film").endsWith(".csv");
        return Files.readString(download.path());
    }

    private void undoEverythingAfterAReload() {
        stage(1);
        page.reload();
        assertThat(page.locator("body[data-ready]")).isVisible();
        Locator undo = page.locator("[data-post=undo]");
        int steps = 0;
        while (undo.isEnabled()) {
            String title = undo.getAttribute("title");
            undo.click();
            assertThat(undo).not().hasAttribute("title", title);
            steps++;
        }
        // Three actions, the fill, the cut, the turned shot and its mend.
        assertThat(steps).isEqualTo(7);
        assertThat(page.locator("#actions")).containsText("Nothing written down yet");
        page.keyboard().press("r");
        assertThat(page.locator(".action-name")).hasText("Ferry crew casts off");
    }

    @Test
    void what_is_typed_wrong_stays_with_a_reason_beside_it() {
        newJob("Wrong numbers");
        Locator promo = page.getByLabel("Promo");
        promo.fill("0");
        promo.press("Tab");

        assertThat(page.locator("#delivery .problem").first()).containsText("between 1 and 3600 s");
        assertThat(promo).hasValue("0");
        assertThat(promo).hasAttribute("aria-invalid", "true");
        assertThat(page.locator("#job-line")).containsText("30 s promo");
        page.getByLabel("Who does what").fill("Somebody waves");
        page.getByRole(AriaRole.BUTTON, named("Add")).first().click();
        assertThat(page.locator(".quick .problem")).containsText("Say who or what is seen.");
        assertThat(page.getByLabel("Who does what")).hasValue("Somebody waves");

        promo.fill("20");
        promo.press("Tab");
        assertThat(page.locator("#job-line")).containsText("20 s promo");
        assertThat(promo).not().hasAttribute("aria-invalid", "true");
    }

    @Test
    void a_use_is_moved_shortened_and_taken_out_by_keyboard_and_buttons() {
        newJob("Small cut");
        action("Ferry crew casts off", "Ferry crew", "LEFT_TO_RIGHT", "Opening");
        fillHoles(3);
        stage(3);
        button("Cut in story order").click();
        assertThat(page.locator(".joint")).hasCount(2);
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#panel h2")).containsText("Joint 1");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#panel h2")).containsText("Joint 2");

        page.locator(".tile").first().click();
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 1.");
        String code = page.locator("#panel .code").first().textContent();
        button("Later").click();
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 2.");
        page.getByLabel("Length").fill("24");
        page.getByLabel("Length").press("Enter");
        assertThat(page.locator("#length")).containsText("still to fill");
        button("Take out").click();
        assertThat(page.locator(".tile .code", new Page.LocatorOptions().setHasText(code)))
                .hasCount(0);
        button("Put into the cut").click();
        assertThat(page.locator("#panel h2")).containsText("Ferry crew casts off");
    }

    private void fillHoles(int count) {
        stage(2);
        assertThat(gauge("open holes")).hasText(Integer.toString(count));
        button("Fill the %d holes F".formatted(count)).click();
        assertThat(gauge("open holes")).hasText("0");
    }

    @Test
    void no_screen_of_the_demo_has_a_serious_barrier() {
        page.navigate("/sign-in");
        accessible("sign-in");
        signIn("planner@saltmarsh.example", "saltmarsh-clay");
        accessible("the jobs");
        page.getByRole(AriaRole.LINK, named("Kiln Night")).click();
        page.locator(".action-name").nth(2).click();
        assertThat(page.locator(".action-fields")).isVisible();
        accessible("Brief");
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
        accessible("Day");
        stage(7);
        accessible("Hand-off");
        page.navigate("/jobs/nothing/here");
        assertThat(page.locator("h1")).hasText("There is nothing here.");
        accessible("what is not there");
    }

    @Test
    void an_edit_waits_while_the_session_is_over_and_lands_after_signing_in_again() {
        newJob("Long lunch");
        page.context().clearCookies();
        page.getByLabel("Place").fill("Pier 3");
        page.getByLabel("Place").press("Tab");
        assertThat(page.locator("#said")).containsText("You are signed out. Your edit is kept here");
        assertThat(page.getByLabel("Place")).hasValue("Pier 3");
    }
}
