package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** What a planner does, from signing in to the editor's lists, in a real browser. */
@AppTest
class PlannerPathTest extends InBrowser {

    /** That make the place what it is, and that nobody wrote down. */
    private static final int FEATURES = 3;

    @Test
    void from_an_empty_job_to_the_editor_s_lists_and_all_the_way_back() throws IOException {
        newJob("Harbour film");
        assertThat(page.locator("#actions")).containsText("Nothing written down yet");
        action("Ferry crew casts off left to right", "Opening");
        action("Mate coils the rope", "Middle");
        action("Ferry crew ties up left to right", "Ending");

        fillEveryHole();
        stage(3);
        button("Cut in story order").click();
        assertThat(page.locator("#length")).containsText("uses fill the promo to the frame");
        assertThat(gauge("joints break")).hasText("0");

        breakAJointByTurningTheSecondShot();
        mendItByItsButton();
        seeTheOrderOfTheDay();
        readBothLists();
        undoEverythingAfterAReload();
    }

    private void fillEveryHole() {
        stage(2);
        // Three sizes of each, the telling one among them, two ways in, two out, and three features that nobody wrote
        // down.
        assertThat(gauge("open holes")).hasText("16");
        page.keyboard().press("f");
        assertThat(gauge("open holes")).hasText("3");
        assertThat(page.locator(".cutaways")).containsText("3 more features of the place wanted");
        assertThat(page.locator(".thumb").nth(9)).isVisible();
    }

    /** Bearings are set on the slider by keyboard: from 30° to 330°, over the line. */
    private void breakAJointByTurningTheSecondShot() {
        stage(2);
        page.locator(".thumb").nth(1).click();
        Locator slider = page.getByLabel("Bearing slider");
        slider.focus();
        slider.press("End");
        for (int i = 0; i < 5; i++) {
            slider.press("ArrowLeft");
        }
        assertThat(page.locator("#said")).containsText("bearing 330");
        assertThat(page.getByLabel("Bearing", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("330");
        assertThat(page.locator("#panel")).containsText("from the front left");
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
        assertThat(setups.count()).isBetween(3, 12);
        setups.first().click();
        assertThat(page.locator("#panel")).containsText("Why here");
        assertThat(page.locator("#panel")).containsText("Rig the");
    }

    private void readBothLists() throws IOException {
        stage(7);
        String cut = download("Shot list by the cut, CSV");
        String day = download("Shot list by the day, CSV");

        assertThat(cut.lines()).hasSize(12);
        assertThat(cut)
                .startsWith(
                        "place,starts at frame,code,size,action,height,side,move,lens mm,rate fps,shutter,hold s,takes,need,aimed at,taken,clean plate");
        assertThat(cut).contains("Mate coils the rope", "close-up", "left to right", ",1/50,");
        assertThat(day.lines()).hasSize(12);
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
        ready();
        Locator undo = page.locator("[data-step=undo]");
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
        block("delivery");
        Locator promo = page.getByLabel("Promo");
        promo.fill("0");
        promo.press("Tab");

        assertThat(page.locator("#block-delivery .problem").first()).containsText("between 1 and 3600 s");
        assertThat(promo).hasValue("0");
        assertThat(promo).hasAttribute("aria-invalid", "true");
        assertThat(page.locator("#job-line")).containsText("30 s promo");
        page.getByLabel("Who does what").fill("40 s repeats");
        page.getByLabel("Who does what").press("Enter");
        assertThat(page.locator(".quick .problem")).containsText("Say first who does what");
        assertThat(page.getByLabel("Who does what")).hasValue("40 s repeats");

        promo.fill("20");
        promo.press("Tab");
        assertThat(page.locator("#job-line")).containsText("20 s promo");
        assertThat(promo).not().hasAttribute("aria-invalid", "true");
    }

    @Test
    void a_use_is_moved_shortened_and_taken_out_by_keyboard_and_buttons() {
        newJob("Small cut");
        action("Ferry crew casts off left to right", "Opening");
        fillHoles(7);
        stage(3);
        button("Cut in story order").click();
        assertThat(page.locator(".joint")).hasCount(5);
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#panel h2")).containsText("Joint 1");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#panel h2")).containsText("Joint 2");

        page.locator(".tile").first().click();
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 1.");
        String code = page.locator("#panel .code").first().textContent();
        button("Later L").click();
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 2.");
        page.getByLabel("Length").fill("24");
        page.getByLabel("Length").press("Enter");
        assertThat(page.locator("#length")).containsText("still to fill");
        button("Take out X").click();
        assertThat(page.locator(".tile .code", new Page.LocatorOptions().setHasText(code)))
                .hasCount(0);
        page.locator(".offer-button").first().click();
        assertThat(page.locator("#panel h2")).containsText("Ferry crew casts off");
    }

    private void fillHoles(int count) {
        stage(2);
        assertThat(gauge("open holes")).hasText(Integer.toString(count + FEATURES));
        button("Fill the %d holes F".formatted(count)).click();
        assertThat(gauge("open holes")).hasText(Integer.toString(FEATURES));
    }

    @Test
    void an_edit_waits_while_the_session_is_over_and_lands_after_signing_in_again() {
        newJob("Long lunch");
        page.locator("#day .block-open").click();
        assertThat(page.getByLabel("Place")).isVisible();
        page.context().clearCookies();
        page.getByLabel("Place").fill("Pier 3");
        page.getByLabel("Place").press("Tab");
        assertThat(page.locator("#said")).containsText("You are signed out. Your edit is kept here");
        assertThat(page.getByLabel("Place")).hasValue("Pier 3");
    }

    @Test
    void findings_of_the_demo_s_cut_are_walked_by_key_and_the_whole_cut_is_judged() {
        signIn("planner@saltmarsh.example", "saltmarsh-clay");
        page.getByRole(AriaRole.LINK, named("Kiln Night")).click();
        ready();
        stage(3);
        assertThat(page.locator("#whole-panel")).containsText("Moves without a reason.");
        page.keyboard().press("n");
        Locator title = page.locator(".joint-title");
        assertThat(title).not().containsText("is clear");
        String first = title.innerText();
        page.keyboard().press("n");
        assertThat(title).not().hasText(first);
        assertThat(title).not().containsText("is clear");
        page.getByRole(AriaRole.LINK, named("The whole cut")).click();
        assertThat(page.locator("#whole-panel")).isVisible();
        Accessible.check(page, "the whole cut");
    }
}
