package upshot.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import upshot.app.AppTest;
import upshot.core.finding.Finding;
import upshot.core.handoff.Clip;
import upshot.core.handoff.Match;
import upshot.core.handoff.PickUps;
import upshot.core.handoff.TimeCode;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.measure.FrameRate;
import upshot.exchange.handoff.AsShotCsv;
import upshot.exchange.handoff.EditList;
import upshot.exchange.handoff.Handed;
import upshot.exchange.handoff.OtioJson;
import upshot.exchange.handoff.RenameList;

/** The demo's evening from its log to what the editor gets. */
@AppTest
class HandedEveningTest {

    static final Pattern EVENT =
            Pattern.compile("(\\d{3})  (\\S{1,8}) +V     (C|D) .{6} (\\S{11}) (\\S{11}) (\\S{11}) (\\S{11})");

    @Autowired
    private DemoPlans demo;

    private ShotEvening evening(String rate) {
        return new ShotEvening(demo.kilnNight(), FrameRate.parse(rate));
    }

    @Test
    void every_clip_finds_its_take_for_certain() {
        ShotEvening evening = evening("24");
        List<Match> matches = evening.handed(List.of()).takes().matching().matches();
        assertThat(matches).hasSize(evening.clips.size()).allMatch(Match::certain);
        assertThat(matches).allMatch(match -> evening.takeOf.get(match.clipId()).equals(match.takeId()));
    }

    @Test
    void what_is_got_fills_the_cut_and_what_is_not_is_said() {
        Handed handed = evening("24").handed(List.of());
        List<UseAsShot> uses = handed.judged().uses();
        assertThat(uses).hasSize(20);
        List<UseAsShot> holes = uses.stream().filter(UseAsShot::hole).toList();
        assertThat(holes).isNotEmpty().hasSizeLessThan(5);
        assertThat(PickUps.of(handed.takes(), uses, handed.said()))
                .extracting(one -> one.shot().code())
                .containsExactlyElementsOf(holes.stream()
                        .map(use -> use.placed().shot().code())
                        .distinct()
                        .toList());
        assertThat(PickUps.standIns(handed.judged().verdict(), handed.takes(), holes.get(0)))
                .isNotEmpty()
                .noneMatch(one -> one.kept().shot().equals(holes.get(0).placed().shot()));
        assertThat(holes)
                .anySatisfy(hole -> assertThat(PickUps.standIns(handed.judged().verdict(), handed.takes(), hole))
                        .extracting(PickUps.StandIn::tells)
                        .isSorted()
                        .startsWith(PickUps.Tells.SAME_ACTION));
        for (UseAsShot use : uses) {
            use.source().ifPresent(source -> clean(use, source));
        }
    }

    /** What is seen lies in the clean stretch of its keeper, to the picture. */
    private static void clean(UseAsShot use, Source source) {
        var kept = source.kept().orElseThrow();
        double inS = kept.capture().secondsOf(source.inFrame());
        double untilS = kept.capture().secondsOf(source.inFrame() + (long) source.frames());
        double frameS = 1 / kept.capture().perSecond();
        assertThat(inS)
                .as(use.shown().code())
                .isGreaterThanOrEqualTo(kept.clean().fromS() - frameS);
        assertThat(untilS)
                .as(use.shown().code())
                .isLessThanOrEqualTo(kept.clean().untilS() + frameS);
        assertThat(use.lack().useS()).isZero();
    }

    /** A shot that was planned at 120 and recorded at 24 plays in real time, and that is said. */
    @Test
    void another_rate_than_planned_is_judged_as_it_was_recorded() {
        ShotEvening evening = evening("24");
        for (int i = 0; i < evening.clips.size(); i++) {
            Clip one = evening.clips.get(i);
            if (one.rate().equals(FrameRate.of(120))) {
                evening.clips.set(
                        i,
                        new Clip(
                                one.id(),
                                one.card(),
                                one.files(),
                                1,
                                one.frames() / 5,
                                FrameRate.of(24),
                                false,
                                1080,
                                1920,
                                Optional.empty(),
                                false,
                                one.madeMs(),
                                ""));
            }
        }
        Handed handed = evening.handed(List.of());
        List<String> rules = handed.judged().ofUses().stream()
                .flatMap(List::stream)
                .map(Finding::ruleId)
                .toList();
        assertThat(rules).contains("recorded-otherwise", "recorded-turned");
        assertThat(handed.judged().verdict().plan().shots())
                .noneMatch(shot -> shot.captureRate().equals(FrameRate.of(120)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"24", "24000/1001", "25", "30000/1001", "60000/1001"})
    void the_timeline_is_as_long_as_the_promo_to_the_frame_and_within_its_clips(String rate) {
        Handed handed = evening(rate).handed(List.of());
        JsonNode root = JsonMapper.shared().readTree(OtioJson.write(handed));
        JsonNode tracks = root.path("tracks").path("children");
        assertThat(tracks).hasSize(2);
        for (JsonNode track : tracks) {
            double frames = 0;
            for (JsonNode item : track.path("children")) {
                JsonNode range = item.path("source_range");
                if (range.isObject()) {
                    assertThat(range.path("duration").path("rate").asDouble())
                            .isEqualTo(FrameRate.parse(rate).perSecond());
                    frames += range.path("duration").path("value").asDouble();
                    within(item);
                }
            }
            assertThat(frames)
                    .as(track.path("name").asString())
                    .isEqualTo(handed.planned().cut().frames());
        }
    }

    private static void within(JsonNode item) {
        JsonNode media = item.path("media_references").path("DEFAULT_MEDIA").path("available_range");
        if (!media.isObject()) {
            return;
        }
        JsonNode range = item.path("source_range");
        double scale = Math.abs(item.path("effects").path(0).path("time_scalar").asDouble(1));
        double clipRate = range.path("start_time").path("rate").asDouble();
        double seconds = range.path("duration").path("value").asDouble()
                / range.path("duration").path("rate").asDouble();
        double begin = range.path("start_time").path("value").asDouble()
                - media.path("start_time").path("value").asDouble();
        assertThat(begin).isGreaterThanOrEqualTo(0);
        assertThat(begin + seconds * scale * clipRate)
                .isLessThanOrEqualTo(media.path("duration").path("value").asDouble() + 1e-6);
    }

    @ParameterizedTest
    @ValueSource(strings = {"24", "25", "30000/1001"})
    void the_edit_list_counts_to_the_promo_s_end(String rate) {
        Handed handed = evening(rate).handed(List.of());
        List<String> lists = EditList.write(handed);
        assertThat(lists).hasSize(1);
        FrameRate at = FrameRate.parse(rate);
        long expected = TimeCode.frame("01:00:00:00", at, false);
        Matcher event = EVENT.matcher(lists.get(0));
        int number = 0;
        while (event.find()) {
            assertThat(Integer.parseInt(event.group(1))).isEqualTo(++number);
            long sourceIn = TimeCode.frame(event.group(4), at, false);
            long sourceOut = TimeCode.frame(event.group(5), at, false);
            assertThat(TimeCode.frame(event.group(6), at, false)).isEqualTo(expected);
            expected = TimeCode.frame(event.group(7), at, false);
            assertThat(sourceOut - sourceIn).isEqualTo(expected - TimeCode.frame(event.group(6), at, false));
        }
        assertThat(number).isEqualTo(20);
        assertThat(expected)
                .isEqualTo(TimeCode.frame("01:00:00:00", at, false)
                        + handed.planned().cut().frames());
    }

    @Test
    void tables_and_names_say_every_clip_once() throws Exception {
        ShotEvening evening = evening("24");
        Handed handed = evening.handed(List.of());
        assertThat(AsShotCsv.uses(handed).lines()).hasSize(21);
        assertThat(AsShotCsv.clips(handed).lines()).hasSize(1 + evening.clips.size());
        List<String> copies = RenameList.csv(handed)
                .lines()
                .skip(1)
                .map(line -> line.split(",")[1])
                .toList();
        assertThat(copies)
                .hasSize(evening.clips.size())
                .doesNotHaveDuplicates()
                .allMatch(one -> one.matches("[\\w.-]+\\.mp4"));
    }

    /** The script copies under new names, says what is not there, and replaces nothing. */
    @Test
    void names_are_given_to_copies(@TempDir Path folder) throws Exception {
        Handed handed = evening("24").handed(List.of());
        Path media = Files.createDirectories(folder.resolve("media/A001"));
        Files.writeString(media.resolve("A001C001.mp4"), "film");
        Path script = Files.writeString(folder.resolve("copy.sh"), RenameList.script(handed));
        for (int twice = 0; twice < 2; twice++) {
            Process run = new ProcessBuilder(
                            "sh",
                            script.toString(),
                            folder.resolve("media").toString(),
                            folder.resolve("new").toString())
                    .redirectErrorStream(true)
                    .start();
            String said = new String(run.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(run.waitFor()).isZero();
            assertThat(said).contains("not here: A001/A001C002.mp4");
            assertThat(said.contains("there already")).isEqualTo(twice == 1);
        }
        try (var copies = Files.list(folder.resolve("new"))) {
            assertThat(copies.map(path -> path.getFileName().toString()))
                    .containsExactly("I1_t1_Ines-throws-a-bowl_A001C001.mp4");
        }
        assertThat(media.resolve("A001C001.mp4")).hasContent("film");
    }
}
