package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** The day on paper: read, printed, short for the radio, and taken into a calendar. */
@AppTest
class CallSheetTest extends InBrowser {

    @Test
    void the_demo_s_day_is_read_and_taken_along() throws IOException {
        signIn("planner@saltmarsh.example", "saltmarsh-clay");
        page.getByRole(AriaRole.LINK, named("Kiln Night")).click();
        ready();
        stage(5);
        String calendar = Files.readString(taken("For a calendar"));
        assertThat(calendar).startsWith("BEGIN:VCALENDAR").contains("DTSTART:20261009T");
        page.getByRole(AriaRole.LINK, named("Call sheet")).click();
        assertThat(page.locator("h1")).hasText("Kiln Night");
        String sheet = page.url();
        assertThat(page.locator(".date")).containsText("Friday 9 October 2026, Saltmarsh Clay Co-op");
        assertThat(page.locator(".call-sheet")).containsText("Golden");
        assertThat(page.locator(".calls")).containsText("Ines");
        assertThat(page.locator(".stop").first()).containsText("Before: Rig the tripod.");
        assertThat(page.locator(".care").first()).isVisible();
        Accessible.check(page, "the call sheet");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator(".sheet-bar")).isHidden();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));

        assertThat(text(taken("Take it as a PDF"))).contains("Kiln Night", "Call 15:30", "The kiln opens", "Cautions");
        // A machine that is busy shows how far the paper is in between.
        page.navigate(sheet);
        Path radio = taken("Short, for the radio");
        assertThat(text(radio)).contains("The kiln opens").doesNotContain("Cautions");
        try (PDDocument paper = Loader.loadPDF(radio.toFile())) {
            assertThat(paper.getNumberOfPages()).isEqualTo(1);
        }
    }

    private Path taken(String link) {
        return page.waitForDownload(
                        () -> page.getByRole(AriaRole.LINK, named(link)).click())
                .path();
    }

    private static String text(Path pdf) throws IOException {
        try (PDDocument paper = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(paper);
        }
    }
}
