package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** Many shots at once: found, folded, chosen together, copied, compared with a still, put on paper. */
@AppTest
class CoverageHandlingTest extends InBrowser {

    /** Wide, medium and detail of both actions, and a way in before the opening and the bowl by itself. */
    private static final int FILLED = 8;

    private void twoActionsFilled() {
        newJob("Bowls");
        happens("Potter turns a bowl 10 s repeats shows the bowl", "Opening");
        happens("Glazer dips a jug 5 s repeats messy", "Middle");
        made("fill", Map.of());
        stage(2);
        assertThat(page.locator(".hole")).hasCount(0);
        assertThat(page.locator(".thumb")).hasCount(FILLED);
    }

    private Locator rows() {
        return page.locator(".grid-action");
    }

    @Test
    void actions_are_filtered_and_folded_by_keyboard_alone() {
        twoActionsFilled();
        page.getByLabel("Find").focus();
        page.keyboard().type("glaz");
        assertThat(rows()).hasCount(1);
        assertThat(rows()).containsText("Glazer dips a jug");
        assertThat(page.locator("#filters")).containsText("1 of 2 actions");
        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        assertThat(rows()).hasCount(2);

        page.keyboard().press("Tab");
        assertThat(page.getByLabel("Beat")).isFocused();
        page.keyboard().press("ArrowDown");
        assertThat(rows()).hasCount(1);
        assertThat(rows()).containsText("Potter turns a bowl");
        page.getByLabel("Only holes").focus();
        page.keyboard().press("Space");
        assertThat(page.locator("#grid")).containsText("Nothing like that.");
        page.getByRole(AriaRole.LINK, named("Show all actions")).focus();
        page.keyboard().press("Enter");
        assertThat(rows()).hasCount(2);

        Locator fold = page.locator(".fold").first();
        fold.focus();
        page.keyboard().press("Enter");
        assertThat(fold).hasAttribute("aria-expanded", "false");
        assertThat(rows()).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(rows()).hasCount(2);
    }

    @Test
    void chosen_shots_are_set_alike_removed_and_brought_back() {
        twoActionsFilled();
        chooseSeveral();
        for (int i : new int[] {0, 1, 3}) {
            page.locator(".thumb").nth(i).click();
            assertThat(page.locator(".thumb").nth(i)).hasAttribute("aria-pressed", "true");
        }
        assertThat(page.locator("#panel")).containsText("3 shots chosen");
        assertThat(page.getByLabel("Size")).hasValue("");
        page.getByLabel("Need").selectOption(new SelectOption().setLabel("bonus"));
        assertThat(page.locator("#said")).containsText("set 3 shots alike");
        assertThat(page.getByLabel("Need")).hasValue("BONUS");

        page.getByLabel("Takes").fill("many");
        page.getByLabel("Takes").press("Tab");
        assertThat(page.locator("#panel .problem").first()).containsText("“many”");
        assertThat(page.getByLabel("Takes")).hasValue("many");
        page.getByLabel("Takes").fill("4");
        page.getByLabel("Takes").press("Tab");
        assertThat(page.locator("#panel [aria-invalid]")).hasCount(0);

        button("Remove all 3").click();
        assertThat(page.locator(".thumb")).hasCount(FILLED - 3);
        page.keyboard().press("u");
        assertThat(page.locator(".thumb")).hasCount(FILLED);
    }

    @Test
    void a_shot_is_duplicated_mirrored_and_copied_to_other_actions() {
        twoActionsFilled();
        firstShotsOwnPage();
        String code = page.locator("h1 .code").innerText();
        button("Duplicate").click();
        assertThat(page.locator("h1 .code")).not().hasText(code);
        ready();
        button("Mirror for the ending").click();
        assertThat(page.locator("#shot .problem:visible")).containsText("Nothing happens in an ending yet");
        page.getByLabel("Shoot like this").selectOption(new SelectOption().setLabel("all other actions"));
        button("Copy the setup").click();
        assertThat(page.locator("#said")).containsText("copy the setup");
        page.getByRole(AriaRole.LINK, named("Coverage").setExact(true)).last().click();
        assertThat(page.locator(".thumb")).hasCount(FILLED + 2);
    }

    private void firstShotsOwnPage() {
        page.locator(".thumb").first().click();
        page.locator(".whole-shot").click();
        assertThat(page.locator(".shot-columns")).isVisible();
        ready();
    }

    @Test
    void a_shot_is_set_up_on_its_own_page_by_dial_step_and_keys() {
        twoActionsFilled();
        firstShotsOwnPage();
        Locator angle = page.getByLabel("Bearing", new Page.GetByLabelOptions().setExact(true));
        page.locator("[data-dial]").click(new Locator.ClickOptions().setPosition(54, 8));
        assertThat(page.locator("#said")).containsText("bearing 180");
        assertThat(angle).hasValue("180");
        assertThat(page.locator(".dial-words")).containsText("from behind");
        assertThat(page.locator(".dial-words")).containsText("all the way round");
        // Who looks from behind and steps to the right comes round to its right side.
        page.locator(".dial-words .mend").last().click();
        assertThat(page.locator("#said")).not().containsText("bearing 180");
        assertThat(Double.parseDouble(angle.inputValue())).isBetween(150.0, 179.0);

        assertThat(page.locator(".figure").first()).containsText("Distance");
        page.locator("#group-0 summary").click();
        Locator tilted = page.getByLabel("Tilted", new Page.GetByLabelOptions().setExact(true));
        tilted.fill("2.5");
        tilted.press("Tab");
        assertThat(page.locator("#said")).containsText("2.5");
        assertThat(page.locator("#group-0")).hasAttribute("open", "");
        Accessible.check(page, "a shot's own page");

        String code = page.locator("h1 .code").innerText();
        page.keyboard().press("Escape");
        page.keyboard().press("l");
        assertThat(page.locator("h1 .code")).not().hasText(code);
        ready();
        page.keyboard().press("e");
        assertThat(page.locator("h1 .code")).hasText(code);
        ready();
        button("Remove this shot").click();
        assertThat(page.locator("#shot")).containsText("No such shot.");
        page.keyboard().press("u");
        assertThat(page.locator("h1 .code")).hasText(code);
        page.keyboard().press("o");
        assertThat(page.locator("#panel")).containsText(code);
    }

    private void chooseSeveral() {
        page.getByRole(AriaRole.BUTTON, named("Choose several")).click();
        assertThat(page.getByRole(AriaRole.BUTTON, named("Done choosing"))).isVisible();
    }

    private static FilePayload still() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(160, 90, BufferedImage.TYPE_INT_RGB), "png", bytes);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return new FilePayload("still.png", "image/png", bytes.toByteArray());
    }

    @Test
    void a_reference_still_lies_beside_and_over_the_frame_and_can_be_taken_away() {
        twoActionsFilled();
        firstShotsOwnPage();
        page.locator("[data-still]").setInputFiles(new FilePayload("x.png", "image/png", "no picture".getBytes()));
        assertThat(page.locator("#shot .problem:visible")).containsText("no PNG, JPEG or WebP");
        page.locator("[data-still]").setInputFiles(still());
        assertThat(page.locator(".still-beside")).isVisible();
        page.waitForFunction("() => document.querySelector('.still-beside').naturalWidth === 160");

        Locator over = page.getByLabel("Over the frame");
        over.focus();
        for (int i = 0; i < 10; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.locator(".still-over")).hasCSS("opacity", "0.5");
        button("Take the still away").click();
        assertThat(page.locator(".still-beside")).hasCount(0);
        page.keyboard().press("u");
        assertThat(page.locator(".still-beside")).isVisible();
    }

    @Test
    void the_report_is_read_printed_and_taken_as_a_pdf() throws IOException {
        twoActionsFilled();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator("#grid")).isVisible();
        assertThat(page.locator("#panel")).isHidden();
        assertThat(page.locator("#filters")).isHidden();
        assertThat(page.locator(".lane")).isHidden();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        page.getByRole(AriaRole.LINK, named("Report")).click();
        assertThat(page.locator("h1")).hasText("Coverage of Bowls");
        assertThat(page.locator(".picture > svg")).hasCount(FILLED);
        assertThat(page.locator("main")).containsText(FILLED + " shots of 2 actions, 0 open holes");
        Accessible.check(page, "the report");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator(".report-bar")).isHidden();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        String report = page.url();
        page.getByRole(AriaRole.LINK, named("Back to Coverage")).click();
        assertThat(page.locator("#coverage-title")).isVisible();
        page.navigate(report);
        Download pdf = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, named("Take it as a PDF")).click());
        assertThat(pdf.suggestedFilename()).isEqualTo("Bowls, coverage.pdf");
        assertThat(new String(Files.readAllBytes(pdf.path()), 0, 5, "US-ASCII")).isEqualTo("%PDF-");
    }

    @Test
    void the_panel_is_alive_in_every_shape() {
        twoActionsFilled();
        for (String[] shape : new String[][] {{"2.39:1", "860.4", "2.2"}, {"9:16", "202.5", "0.8"}}) {
            stage(1);
            Locator delivery = block("delivery");
            delivery.getByLabel("Leading shape").selectOption(shape[0]);
            assertThat(page.locator("#job-line")).containsText(shape[0]);
            stage(2);
            page.locator(".thumb").first().click();
            Locator frame = page.locator(".panel-frame > svg");
            assertThat(frame).hasAttribute("viewBox", Pattern.compile("^0 0 " + shape[1] + " 360$"));
            String before = frame.innerHTML();
            String figure = page.locator(".figure-value").first().innerText();

            Locator bearing = page.getByLabel("Bearing slider");
            bearing.focus();
            bearing.press("ArrowRight");
            page.waitForFunction("before => document.querySelector('.panel-frame > svg').innerHTML !== before", before);
            page.getByLabel("Camera up").fill(shape[2]);
            page.getByLabel("Camera up").press("Tab");
            assertThat(page.locator(".figure-value").first()).not().hasText(figure);
            Accessible.check(page, "Coverage in " + shape[0]);
            chooseSeveral();
            page.locator(".thumb").nth(1).click();
            assertThat(page.locator("#panel")).containsText("1 shot chosen");
            Accessible.check(page, "several shots in " + shape[0]);
            page.getByRole(AriaRole.BUTTON, named("Done choosing")).click();
        }
    }

    @Test
    void who_performs_has_a_row_with_holes_of_their_own() {
        newJob("Duet");
        happens("Potter turns a bowl 10 s repeats shows the bowl", "Middle");
        block("house");
        page.getByLabel("Coverage", new Page.GetByLabelOptions().setExact(true)).selectOption("PERFORMANCE");
        page.locator(".action-name").first().click();
        page.getByLabel("Who else takes part").fill("Glazer");
        page.getByLabel("Who else takes part").press("Enter");
        assertThat(page.locator(".performers")).containsText("Glazer");
        stage(2);

        assertThat(page.locator(".grid-performer")).hasCount(2);
        // What it is about, a master, two pictures of each of two, three fragments, coming and going; four ways, three
        // features.
        assertThat(gauge("open holes")).hasText("18");
        Locator glazer = page.locator(".grid-performer", new Page.LocatorOptions().setHasText("Glazer"));
        glazer.locator(".hole").first().click();
        assertThat(glazer.locator(".thumb")).hasCount(1);
        assertThat(page.locator("#panel")).containsText("medium of Glazer");
        page.keyboard().press("f");
        assertThat(gauge("open holes")).hasText("4");
        assertThat(glazer.locator(".thumb")).hasCount(2);
    }
}
