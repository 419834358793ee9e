package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import upshot.app.demo.DemoPlans;
import upshot.app.store.HandOffEntries;
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffWhat;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.clip.ClipHeader;
import upshot.exchange.clip.StandInClip;
import upshot.exchange.clip.Told;

/** The demo's evening from Roll to the package: cards are read in the page, clips find their takes, an editor answers. */
class HandOffInBrowserTest extends OnPhone {

    @Autowired
    private DemoPlans demo;

    @Autowired
    private HandOffEntries entries;

    @TempDir
    Path cards;

    private Plan plan;

    /** What the cameras left: headers as long as the takes were, over a dozen pictures. */
    private void film() throws IOException {
        Map<UUID, LogEntry> begun = new HashMap<>();
        Map<UUID, LogEntry> ended = new HashMap<>();
        for (LogEntry entry : logged()) {
            if (entry.what().beginsTake()) {
                begun.put(entry.id(), entry);
            } else if (entry.what() == What.STOP) {
                ended.put(entry.of().orElseThrow(), entry);
            } else if (entry.what() == What.CLIP) {
                UUID take = entry.of().orElseThrow();
                clip(entry, begun.get(take), ended.get(take));
            }
        }
    }

    private void clip(LogEntry said, LogEntry roll, LogEntry stop) throws IOException {
        FrameRate rate = roll.about()
                .flatMap(id -> plan.find(RecordKind.SHOT, id))
                .map(Shot::captureRate)
                .orElse(plan.brief().rate());
        double seconds = (stop.serverMs() - roll.serverMs()) / 1000.0;
        Path card = Files.createDirectories(cards.resolve(said.detail()));
        Path file = card.resolve(said.words() + ".mp4");
        StandInClip.write(file, StandInClip.picture(Optional.empty()), new Told("K1", 1, 0), rate, 12);
        StandInClip.stamp(
                file,
                Instant.ofEpochMilli(roll.serverMs())
                        .atZone(plan.brief().clock())
                        .toLocalDateTime()
                        .minusSeconds(41)
                        .toInstant(ZoneOffset.UTC));
        lasting(file, (int) rate.framesIn(seconds, RoundingMode.DOWN));
    }

    /** A header that speaks of more pictures than there are. */
    private static void lasting(Path file, int frames) throws IOException {
        int at = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).indexOf("stts");
        try (RandomAccessFile header = new RandomAccessFile(file.toFile(), "rw")) {
            header.seek(at + 12);
            header.writeInt(frames);
        }
    }

    private void readCards() throws IOException {
        List<String> names;
        try (Stream<Path> folders = Files.list(cards)) {
            names = folders.map(folder -> folder.getFileName().toString())
                    .sorted()
                    .toList();
        }
        assertThat(names).contains("A001", "A002");
        for (String card : names) {
            page.locator("[data-card-folder]").setInputFiles(cards.resolve(card));
            assertThat(page.locator(".card", new Page.LocatorOptions().setHasText(card + " ")))
                    .isVisible();
        }
    }

    @Test
    void from_roll_to_the_package_and_back_from_the_editor() throws Exception {
        plan = demo.kilnNight();
        newJob(plan);
        page.navigate("/jobs/%s/roll".formatted(jobId()));
        ready();
        button("Play the evening").click();
        assertThat(page.locator("#rolled")).containsText("The evening plays itself");
        assertThat(page.locator("#rolled"))
                .not()
                .containsText(
                        "The evening plays itself", new LocatorAssertions.ContainsTextOptions().setTimeout(60_000));
        film();

        page.navigate("/jobs/%s/hand-off".formatted(jobId()));
        ready();
        assertThat(page.locator("#clips-title")).containsText("no clips have been read yet");
        readCards();
        assertThat(page.locator("#clips-title"))
                .containsText(Pattern.compile("\\d+ certain, 0 to look at, 0 left over; clocks: Body A 0:41 behind"));
        assertThat(page.locator("#as-shot-title")).containsText(Pattern.compile("1[5-8] of 20 uses have a keeper"));
        Accessible.check(page, "clips to shots");
        theServerReadsTheSame();

        correct();
        standIn();
        packageIsRead();
        editorAnswers();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(page.locator("#as-shot-title")).isVisible();
    }

    /** Two programs that share nothing, of the same files. */
    private void theServerReadsTheSame() {
        List<Clip> read = entries.of(jobId()).stream()
                .filter(kept -> kept.entry().what() == HandOffWhat.CLIPS)
                .flatMap(kept -> kept.entry().clips().stream())
                .toList();
        assertThat(read).isNotEmpty();
        for (Clip clip : read) {
            String path = clip.files().get(0);
            assertThat(ClipHeader.read(cards.resolve(clip.card()).resolve(path), clip.card(), path))
                    .isEqualTo(clip);
        }
    }

    /** By keys: a take's clip is said to be none, and worked out again. */
    private void correct() {
        Locator take = page.locator(".clip-table a").first();
        take.focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#which-title")).containsText("take 1");
        button("None of them").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#clips-title")).containsText("1 left over");
        assertThat(page.locator(".clip-table tr.is-chosen")).containsText("no clip");
        button("Work it out again").click();
        assertThat(page.locator("#clips-title")).containsText("0 left over");
    }

    private void standIn() {
        Locator holes = page.locator(".hole-line");
        int before = holes.count();
        Locator take = holes.first().locator("button").first();
        take.click();
        assertThat(holes).hasCount(before - 1);
        holes.first().getByText("Put on the pick-up list").click();
        assertThat(page.locator("#pick-ups-title + ul")).containsText("Take off");
    }

    private void packageIsRead() throws IOException {
        Download download = page.waitForDownload(
                () -> page.getByText("Package for the editor").click());
        Path file = cards.resolve("package.zip");
        download.saveAs(file);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            String otio =
                    new String(zip.getInputStream(zip.getEntry("cut.otio")).readAllBytes(), StandardCharsets.UTF_8);
            String reader = new String(
                    HandOffInBrowserTest.class
                            .getResourceAsStream("/otio-reader.js")
                            .readAllBytes(),
                    StandardCharsets.UTF_8);
            JsonNode read = JsonMapper.shared()
                    .readTree((String) page.evaluate(reader.substring(reader.indexOf("(text)")), otio));
            assertThat(read.path("problems").toString()).isEqualTo("[]");
            for (JsonNode track : read.path("tracks")) {
                assertThat(track.path("seconds").asDouble())
                        .isEqualTo(32.0, org.assertj.core.api.Assertions.within(1e-9));
            }
            Files.write(
                    cards.resolve("index.html"),
                    zip.getInputStream(zip.getEntry("index.html")).readAllBytes());
        }
    }

    /** The package's page from the disk, without a network, by keys; its file is dropped on Hand-off. */
    private void editorAnswers() {
        Page editor = offline(cards.resolve("index.html"));
        assertThat(editor.locator(".uses > li")).hasCount(20);
        editor.locator("form[data-use] select").nth(3).focus();
        editor.keyboard().press("ArrowDown");
        editor.keyboard().press("Tab");
        editor.keyboard().type("out of focus behind the door");
        Accessible.check(editor, "the editor's page");
        Download saved = editor.waitForDownload(() -> {
            editor.locator("[data-save]").focus();
            editor.keyboard().press("Enter");
        });
        Path remarks = cards.resolve("remarks.json");
        saved.saveAs(remarks);
        page.bringToFront();
        page.locator("[data-remarks-file]").setInputFiles(remarks);
        assertThat(page.locator("#warnings")).containsText("unusable");
        assertThat(page.locator("#warnings")).containsText("out of focus behind the door");
    }
}
