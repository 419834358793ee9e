package upshot.exchange.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.handoff.Clip;
import upshot.core.measure.FrameRate;
import upshot.exchange.text.Unreadable;

/** Headers of clips that other programs wrote, and of broken ones. */
class ClipHeaderTest {

    @TempDir
    Path folder;

    private Path film(String name, String rate, double seconds, String... more) throws Exception {
        Path file = folder.resolve(name);
        List<String> words = new ArrayList<>(
                List.of("ffmpeg", "-loglevel", "error", "-f", "lavfi", "-i", "testsrc=size=64x36:rate=" + rate, "-t"));
        words.add(Double.toString(seconds));
        words.addAll(Arrays.asList(more));
        words.addAll(List.of("-c:v", "mpeg4", file.toString()));
        Process process = new ProcessBuilder(words).inheritIO().start();
        assertThat(process.waitFor(1, TimeUnit.MINUTES)).isTrue();
        assertThat(process.exitValue()).isZero();
        return file;
    }

    @ParameterizedTest
    @CsvSource({"24,24", "24000/1001,24000/1001", "25,25", "30000/1001,30000/1001", "60000/1001,60000/1001", "120,120"})
    void rates_are_exact(String asked, String found) throws Exception {
        Clip clip = ClipHeader.read(film("A.mov", asked, 2, "-video_track_timescale", "90000"), "A001", "CLIP/A.mov");
        assertThat(clip.rate()).isEqualTo(FrameRate.parse(found));
        assertThat(clip.frames())
                .isEqualTo((int) Math.ceil(2 * FrameRate.parse(found).perSecond()));
        assertThat(clip.variable()).isFalse();
        assertThat(clip.width()).isEqualTo(64);
        assertThat(clip.height()).isEqualTo(36);
    }

    @Test
    void time_code_and_time_of_making() throws Exception {
        Path file = film(
                "B.mov",
                "30000/1001",
                3,
                "-timecode",
                "01:02:03;04",
                "-metadata",
                "creation_time=2026-10-09T19:14:03Z");
        Clip clip = ClipHeader.read(file, "A001", "B.mov");
        // 01:02:03;04 is number 111 694; twice 56 numbers were left out by then (not at :00 and :10 … :60).
        assertThat(clip.startFrame()).contains(111_694 - 2 * 56);
        assertThat(clip.dropFrame()).isTrue();
        assertThat(clip.madeMs()).contains(1_791_573_243_000L);
    }

    @Test
    void a_clip_that_is_turned_stands() throws Exception {
        Path lies = film("C.mp4", "25", 1);
        Path stands = folder.resolve("D.mp4");
        Process process = new ProcessBuilder(
                        "ffmpeg",
                        "-loglevel",
                        "error",
                        "-i",
                        lies.toString(),
                        "-c",
                        "copy",
                        "-metadata:s:v:0",
                        "rotate=90",
                        stands.toString())
                .inheritIO()
                .start();
        assertThat(process.waitFor(1, TimeUnit.MINUTES)).isTrue();
        Clip clip = ClipHeader.read(stands, "A001", "D.mp4");
        assertThat(clip.upright()).isTrue();
        assertThat(clip.madeMs()).as("a clock that was never set says nothing").isEmpty();
        assertThat(clip.startFrame()).isEmpty();
    }

    @Test
    void pictures_that_are_not_evenly_spaced_are_said() throws Exception {
        Path file = film("E.mp4", "30", 4, "-vf", "select='not(mod(n,7))+not(mod(n,3))'", "-vsync", "vfr");
        assertThat(ClipHeader.read(file, "A001", "E.mp4").variable()).isTrue();
    }

    @Test
    void a_stand_in_s_clip() throws IOException {
        Path file = folder.resolve("F.mp4");
        StandInClip.write(
                file, StandInClip.picture(Optional.empty()), new Told("K1", 1, 0), FrameRate.parse("24000/1001"), 60);
        StandInClip.stamp(file, Instant.parse("2026-10-09T19:14:03Z"));
        Clip clip = ClipHeader.read(file, "A001", "A001C001.mp4");
        assertThat(clip.madeMs()).contains(1_791_573_243_000L);
        assertThat(clip.frames()).isEqualTo(60);
        assertThat(clip.rate()).isEqualTo(FrameRate.parse("24000/1001"));
        assertThat(probed(file)).as("counted by another program").isEqualTo("24000/1001,60");
        assertThat(clip.name()).isEqualTo("A001C001");
        assertThat(clip.id()).isEqualTo(ClipHeader.id("A001", "A001C001.mp4", Files.size(file)));
    }

    private static String probed(Path file) throws IOException {
        Process probe = new ProcessBuilder(
                        "ffprobe",
                        "-v",
                        "error",
                        "-count_frames",
                        "-select_streams",
                        "v",
                        "-show_entries",
                        "stream=r_frame_rate,nb_read_frames",
                        "-of",
                        "csv=p=0",
                        file.toString())
                .start();
        return new String(probe.getInputStream().readAllBytes()).strip();
    }

    @Test
    void what_is_none_is_said() throws Exception {
        Path text = Files.writeString(folder.resolve("notes.mp4"), "no film at all, just words");
        assertThatThrownBy(() -> ClipHeader.read(text, "A001", "notes.mp4")).isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> ClipHeader.read(Files.createFile(folder.resolve("empty.mp4")), "A001", "empty.mp4"))
                .isInstanceOf(Unreadable.class);
    }

    /** Whatever stands in the header, it is read or said to be unreadable, quickly. */
    @Test
    void a_broken_header_is_said() throws Exception {
        byte[] good = Files.readAllBytes(film("G.mp4", "25", 1));
        Random chance = new Random(7);
        for (int i = 0; i < 300; i++) {
            byte[] bad = good.clone();
            for (int k = 0; k < 4; k++) {
                bad[chance.nextInt(bad.length)] = (byte) chance.nextInt(256);
            }
            Path file = Files.write(
                    folder.resolve("H.mp4"),
                    chance.nextInt(3) > 0 ? bad : Arrays.copyOf(bad, chance.nextInt(bad.length)));
            try {
                assertThat(ClipHeader.read(file, "A001", "H.mp4").frames()).isPositive();
            } catch (Unreadable said) {
                assertThat(said.getMessage()).isNotEmpty();
            }
        }
    }
}
