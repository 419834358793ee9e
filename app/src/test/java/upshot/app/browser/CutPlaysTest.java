package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import upshot.app.AppTest;

/** The demo's cut plays: on time, by key and by button, here and on a page of its own, and its frames go on paper. */
@AppTest
class CutPlaysTest extends InBrowser {

    /** Plays a whole cut by a clock of its own, four looks a frame, and notes when another use is drawn. */
    private static final String WITH_A_CLOCK_OF_ITS_OWN = """
            async () => {
              const { Player } = await import("/js/cut/player.js");
              const playing = await (await fetch("cut/playing.json".replace(/^/, location.pathname.replace(/cut$/, "")))).json();
              const canvas = document.createElement("canvas");
              let ms = 0;
              let due = null;
              const player = new Player(canvas, playing, { now: () => ms, later: (work) => (due = work, 1) });
              player.draw();
              player.play();
              const changes = [];
              let shown = player.shown;
              while (due && ms < 600000) {
                ms += 250 / playing.rate;
                const work = due;
                due = null;
                work();
                if (player.shown !== shown) {
                  shown = player.shown;
                  changes.push([shown, (ms / 1000) * playing.rate]);
                }
              }
              return { changes, starts: playing.uses.map((use) => use.start), ended: !player.runs, frames: playing.frames, at: (ms / 1000) * playing.rate };
            }""";

    private void demoCut(String job) {
        signIn("planner@saltmarsh.example", "saltmarsh-clay");
        page.getByRole(AriaRole.LINK, named(job)).click();
        ready();
        stage(3);
    }

    @Test
    @SuppressWarnings("unchecked")
    void the_drawn_use_changes_within_a_frame_of_its_joint_for_a_whole_cut() {
        demoCut("Kiln Night");
        Map<String, Object> run = (Map<String, Object>) page.evaluate(WITH_A_CLOCK_OF_ITS_OWN);
        List<Number> starts = (List<Number>) run.get("starts");
        List<List<Number>> changes = (List<List<Number>>) run.get("changes");

        assertThat(changes).hasSize(starts.size() - 1).hasSizeGreaterThan(15);
        for (int joint = 0; joint < changes.size(); joint++) {
            assertThat(changes.get(joint).get(0).intValue()).isEqualTo(joint + 1);
            double late = changes.get(joint).get(1).doubleValue()
                    - starts.get(joint + 1).doubleValue();
            assertThat(late).as("joint %d", joint + 1).isBetween(-1e-3, 1.0);
        }
        assertThat(run.get("ended")).isEqualTo(true);
        assertThat(((Number) run.get("at")).doubleValue() - ((Number) run.get("frames")).doubleValue())
                .isBetween(0.0, 1.0);
    }

    @Test
    void it_plays_by_key_stops_steps_halves_and_goes_round_a_line() throws IOException {
        demoCut("Kiln Night");
        page.keyboard().press("Escape");
        page.keyboard().press(" ");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        Locator caption = dialog.locator("[data-caption]");
        assertThat(button("Pause")).isVisible();
        assertThat(caption).containsText("of 32.0 s");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press(" ");
        assertThat(button("Play")).isVisible();
        assertThat(caption).containsText("4 of 20");
        page.keyboard().press("ArrowLeft");
        assertThat(caption).containsText("3 of 20");
        page.keyboard().press("h");
        assertThat(button("Half speed")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("l");
        assertThat(button("Loop this line")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("e");
        assertThat(button("Show the eye")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("c");
        assertThat(button("Click")).hasAttribute("aria-pressed", "true");
        Accessible.check(page, "the player");
        dialog.locator("[data-music]").setInputFiles(new FilePayload("tone.wav", "audio/wav", tone()));
        page.keyboard().press("Escape");
        assertThat(dialog).hasCount(0);
    }

    /** A second of silence as a file. */
    private static byte[] tone() throws IOException {
        AudioFormat format = new AudioFormat(8000, 16, 1, true, false);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(new byte[16_000]), format, 8000),
                AudioFileFormat.Type.WAVE,
                file);
        return file.toByteArray();
    }

    @Test
    void a_file_that_is_no_music_is_refused_in_words() {
        demoCut("Kiln Night");
        button("Play it space").click();
        assertThat(button("Pause")).isVisible();
        page.locator("[data-music]")
                .setInputFiles(new FilePayload("notes.wav", "audio/wav", "no music".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator("[data-play-note]")).containsText("cannot play this file");
        page.locator("[data-play-close]").click();
    }

    @Test
    void who_wants_no_motion_sees_one_drawing_for_each_use() {
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        demoCut("Kiln Night");
        page.keyboard().press("Escape");
        page.keyboard().press(" ");
        assertThat(button("Pause")).isVisible();
        page.keyboard().press(" ");
        String drawn = "() => document.querySelector('#player canvas').toDataURL()";
        page.keyboard().press("ArrowRight");
        Object once = page.evaluate(drawn);
        page.evaluate("() => document.querySelector('#player [data-do=half]').click()");
        assertThat(page.evaluate(drawn)).isEqualTo(once);
    }

    @Test
    void the_page_for_a_client_plays_without_a_network_under_its_own_policy(@TempDir Path folder) {
        demoCut("Tallow Street Cargo Bikes");
        Download download =
                page.waitForDownload(() -> page.getByRole(AriaRole.LINK, named("Playing, as a page to send"))
                        .click());
        assertThat(download.suggestedFilename()).isEqualTo("Tallow Street Cargo Bikes, cut.html");
        Path file = folder.resolve("cut.html");
        download.saveAs(file);
        Page client = offline(file);

        client.getByRole(AriaRole.BUTTON, named("Play")).click();
        assertThat(client.getByRole(AriaRole.BUTTON, named("Pause"))).isVisible();
        assertThat(client.locator("[data-caption]")).containsText(Pattern.compile("\\d+ of \\d+ · "));
        client.getByRole(AriaRole.BUTTON, named("Half speed")).click();
        assertThat(client.getByRole(AriaRole.BUTTON, named("Half speed"))).hasAttribute("aria-pressed", "true");
    }

    @Test
    void the_frames_go_on_a_sheet_as_drawing_and_as_paper() throws IOException {
        demoCut("Kiln Night");
        String svg = Files.readString(downloaded("SVG"));
        assertThat(svg).startsWith("<svg").contains("Kiln Night", "20 · ");
        try (PDDocument paper = Loader.loadPDF(downloaded("PDF").toFile())) {
            String text = new PDFTextStripper().getText(paper);
            assertThat(text).contains("Kiln Night", "20 frames of 32 s, in edit order", "Lamps go out in the yard");
            assertThat(paper.getNumberOfPages()).isBetween(2, 3);
        }
    }

    private Path downloaded(String link) {
        return page.waitForDownload(
                        () -> page.getByRole(AriaRole.LINK, named(link)).click())
                .path();
    }
}
