package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import upshot.app.AppTest;

/** A copy against its manifest, in the page: what is otherwise is named, and no card is called safe for it. */
@AppTest
class ComparedInBrowserTest extends InBrowser {

    /** The manifest is the trade's own tool's, not ours. */
    private static Path copy(Path folder) throws IOException, InterruptedException {
        Path job = folder.resolve("Kiln Night-1");
        Path clips = Files.createDirectories(job.resolve("A001/CLIP"));
        Files.write(clips.resolve("A001C001.MP4"), new byte[3_000_000]);
        Files.writeString(clips.resolve("grün, näher.mov"), "two");
        Files.writeString(clips.resolve("back\\slash.txt"), "three");
        Process hashes = new ProcessBuilder("bash", "-c", "sha256sum A001/CLIP/* > A001.sha256")
                .directory(job.toFile())
                .inheritIO()
                .start();
        org.assertj.core.api.Assertions.assertThat(hashes.waitFor()).isZero();
        return job;
    }

    @Test
    void a_folder_is_held_against_its_manifest(@TempDir Path folder) throws Exception {
        Path job = copy(folder);
        newJob("Compared");
        stage(7);
        Locator chooser = page.locator("[data-compare-folder]");
        Locator said = page.locator("[data-compared]");

        chooser.setInputFiles(job);
        assertThat(said).containsText("A001.sha256: 3 files as the manifest says.");
        assertThat(said.locator("use")).hasAttribute("href", "#status-clear");
        assertThat(page.locator("main")).not().containsText("ay be formatted");
        Accessible.check(page, "a folder that was compared");

        Path clips = job.resolve("A001/CLIP");
        byte[] flipped = new byte[3_000_000];
        flipped[2_999_999] = 1;
        Files.write(clips.resolve("A001C001.MP4"), flipped);
        Files.delete(clips.resolve("back\\slash.txt"));
        Files.writeString(clips.resolve("more.mov"), "four");
        chooser.setInputFiles(job);
        assertThat(said)
                .containsText("1 file otherwise or not to be read: A001/CLIP/A001C001.MP4; 1 file not there:"
                        + " A001/CLIP/back\\slash.txt; 1 file as the manifest says; 1 file that it does not name:"
                        + " A001/CLIP/more.mov.");
        assertThat(said.locator("use")).hasAttribute("href", "#status-break");
    }

    @Test
    void without_a_manifest_or_with_a_broken_one_it_says_so(@TempDir Path folder) throws Exception {
        Path job = copy(folder);
        newJob("Compared with nothing");
        stage(7);
        Locator problem = page.locator("[data-hand-off-problem]");

        page.locator("[data-compare-folder]").setInputFiles(job.resolve("A001"));
        assertThat(problem).containsText("There is no manifest in it");
        assertThat(page.locator("[data-compared]")).isHidden();

        Files.writeString(job.resolve("A001.sha256"), "no hash\n");
        page.locator("[data-compare-folder]").setInputFiles(job);
        assertThat(problem).containsText("Line 1 is none of a manifest.");
    }
}
