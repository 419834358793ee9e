package upshot.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.core.handoff.TimeCode;
import upshot.core.handoff.UseAsShot;
import upshot.core.measure.FrameRate;
import upshot.exchange.clip.StandInClip;
import upshot.exchange.clip.Told;
import upshot.exchange.handoff.EditList;
import upshot.exchange.handoff.Handed;

/** The demo's cut, rendered from its edit list by a program that knows nothing of the plan. */
@AppTest
class RenderedCutTest {

    @Autowired
    private DemoPlans demo;

    /** The list alone is rendered by a program that knows nothing of ours; the pictures say themselves what they are. */
    @Test
    void the_cut_is_rendered_from_the_list_to_the_frame(@TempDir Path folder) throws Exception {
        ShotEvening evening = new ShotEvening(demo.kilnNight(), FrameRate.of(24));
        List<Clip> four = evening.clips.stream()
                .filter(clip -> clip.rate().equals(FrameRate.of(24)) && clip.frames() > 300)
                .limit(4)
                .toList();
        Handed handed = evening.handed(inTurn(evening, four));
        Map<String, Integer> inputs = new HashMap<>();
        List<String> words = new ArrayList<>(List.of("ffmpeg", "-loglevel", "error"));
        for (Clip clip : four) {
            Path file = folder.resolve(clip.name() + ".mp4");
            String code = "Z" + inputs.size();
            StandInClip.write(file, StandInClip.picture(Optional.empty()), new Told(code, 1, 0), clip.rate(), 140);
            inputs.put(clip.name(), inputs.size());
            words.addAll(List.of("-i", file.toString()));
        }
        render(words, cuts(EditList.write(handed).get(0), inputs), folder);
        File[] frames = folder.toFile().listFiles((within, name) -> name.endsWith(".png"));
        assertThat(frames).hasSize((int) handed.planned().cut().frames());
        for (UseAsShot use : handed.judged().uses()) {
            int place = use.placed().index();
            int first = (int) use.placed().startFrame();
            int last = (int) use.placed().endFrame() - 1;
            assertThat(told(folder, first)).contains(new Told("Z" + place % 4, 1, 7 + 3 * place));
            assertThat(told(folder, last)).contains(new Told("Z" + place % 4, 1, 7 + 3 * place + last - first));
        }
    }

    /** Each use from the next of four clips, from a picture that tells where it stands. */
    private static List<HandOffEntry> inTurn(ShotEvening evening, List<Clip> four) {
        List<HandOffEntry> chosen = new ArrayList<>();
        for (UseAsShot use : evening.handed(List.of()).judged().uses()) {
            int place = use.placed().index();
            chosen.add(new HandOffEntry(
                    UUID.nameUUIDFromBytes(("use" + place).getBytes(StandardCharsets.UTF_8)),
                    HandOffWhat.USE_FROM,
                    Optional.of(four.get(place % 4).id()),
                    Optional.empty(),
                    Optional.of(use.placed().use().id()),
                    Optional.empty(),
                    "",
                    7 + 3 * place,
                    "",
                    List.of()));
        }
        return chosen;
    }

    /** Into one picture a frame, numbered from 1. */
    private static void render(List<String> words, List<int[]> cuts, Path folder) throws Exception {
        String parts = IntStream.range(0, cuts.size())
                .mapToObj(i -> "[%d:v]trim=start_frame=%d:end_frame=%d,setpts=PTS-STARTPTS[v%d];"
                        .formatted(cuts.get(i)[0], cuts.get(i)[1], cuts.get(i)[2], i))
                .collect(Collectors.joining());
        String all =
                IntStream.range(0, cuts.size()).mapToObj("[v%d]"::formatted).collect(Collectors.joining());
        words.addAll(List.of(
                "-filter_complex",
                "%s%sconcat=n=%d:v=1[o]".formatted(parts, all, cuts.size()),
                "-map",
                "[o]",
                "-vsync",
                "passthrough",
                folder.resolve("f%04d.png").toString()));
        Process render = new ProcessBuilder(words).inheritIO().start();
        assertThat(render.waitFor(2, TimeUnit.MINUTES)).isTrue();
        assertThat(render.exitValue()).isZero();
    }

    private static Optional<Told> told(Path folder, int frame) throws Exception {
        BufferedImage picture =
                ImageIO.read(folder.resolve("f%04d.png".formatted(frame + 1)).toFile());
        return StandInClip.read(picture);
    }

    /** Input, first picture, and the one behind the last, of each event. */
    private static List<int[]> cuts(String list, Map<String, Integer> inputs) {
        FrameRate rate = FrameRate.of(24);
        List<int[]> cuts = new ArrayList<>();
        Matcher event = HandedEveningTest.EVENT.matcher(list);
        while (event.find()) {
            cuts.add(new int[] {
                inputs.get(event.group(2)),
                (int) TimeCode.frame(event.group(4), rate, false),
                (int) TimeCode.frame(event.group(5), rate, false)
            });
        }
        return cuts;
    }
}
