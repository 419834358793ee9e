package upshot.core.handoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import upshot.core.measure.FrameRate;

class ChaptersTest {

    private static final long FOUR_GIB = 4L << 30;

    private static Clip clip(String file, long bytes, Integer startFrame) {
        return new Clip(
                UUID.nameUUIDFromBytes(file.getBytes(StandardCharsets.UTF_8)),
                "A001",
                List.of(file),
                bytes,
                1000,
                FrameRate.of(25),
                false,
                1920,
                1080,
                Optional.ofNullable(startFrame),
                false,
                Optional.empty(),
                "");
    }

    private static List<String> joined(Clip... clips) {
        return Chapters.joined(List.of(clips)).stream()
                .map(clip -> String.join("+", clip.files()))
                .toList();
    }

    @Test
    void chapters_before_their_number_are_one_clip() {
        List<Clip> clips = Stream.of("GX010042.MP4", "GX010043.MP4", "GX020042.MP4", "GX030042.MP4")
                .map(file -> clip(file, 1000, null))
                .toList();
        assertThat(joined(clips.toArray(Clip[]::new)))
                .containsExactly("GX010042.MP4+GX020042.MP4+GX030042.MP4", "GX010043.MP4");
        Clip one = Chapters.joined(clips).get(0);
        assertThat(one.frames()).isEqualTo(3000);
        assertThat(one.bytes()).isEqualTo(3000);
        assertThat(one.id()).isEqualTo(clips.get(0).id());
    }

    @Test
    void parts_of_full_size_are_one_clip_and_numbered_takes_are_not() {
        assertThat(joined(
                        clip("C0042_01.MOV", FOUR_GIB - 9_000_000, null),
                        clip("C0042_02.MOV", FOUR_GIB - 8_000_000, null),
                        clip("C0042_03.MOV", 77, null)))
                .containsExactly("C0042_01.MOV+C0042_02.MOV+C0042_03.MOV");
        assertThat(joined(clip("A001_001.MOV", 900_000_000, null), clip("A001_002.MOV", 900_000_000, null)))
                .hasSize(2);
    }

    @Test
    void what_lies_apart_in_time_or_place_stays_apart() {
        assertThat(joined(clip("GX010042.MP4", 1, 0), clip("GX020042.MP4", 1, 1000)))
                .hasSize(1);
        assertThat(joined(clip("GX010042.MP4", 1, 0), clip("GX020042.MP4", 1, 5000)))
                .hasSize(2);
        assertThat(joined(clip("100/GX010042.MP4", 1, null), clip("101/GX020042.MP4", 1, null)))
                .hasSize(2);
    }
}
