package upshot.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.TempoMark;

class BeatGridTest {

    private static Plan music(double bpm, double firstBeatS) {
        return new SamplePlan()
                .brief("tempoBpm", Optional.of(bpm))
                .brief("firstBeatS", firstBeatS)
                .build();
    }

    @Test
    void beats_and_half_beats_fall_on_their_nearest_frames() {
        // 100 beats a minute at 24 frames: 14.4 frames a beat.
        assertThat(BeatGrid.of(music(100, 0), BeatGrid.Step.BEAT, 48).frames()).containsExactly(0L, 14L, 29L, 43L, 58L);
        assertThat(BeatGrid.of(music(100, 0), BeatGrid.Step.HALF, 24).frames()).startsWith(0L, 7L, 14L, 22L, 29L);
    }

    @Test
    void the_grid_begins_with_the_first_beat_and_the_promo() {
        assertThat(BeatGrid.of(music(60, 0.25), BeatGrid.Step.BEAT, 60).frames())
                .startsWith(0L, 6L, 30L, 54L);
    }

    @Test
    void without_music_there_are_seconds_and_half_seconds() {
        Plan plan = new SamplePlan().build();

        assertThat(BeatGrid.of(plan, BeatGrid.Step.BEAT, 48).frames()).containsExactly(0L, 24L, 48L);
        assertThat(BeatGrid.of(plan, BeatGrid.Step.HALF, 24).frames()).containsExactly(0L, 12L, 24L);
    }

    @Test
    void it_follows_a_change_of_tempo() {
        Plan plan = new SamplePlan().build();
        Plan changing = plan.apply(Change.batch(List.of(
                new Change.Add(new TempoMark(new UUID(0x4000, 0x8000_0000_0000_0009L), 0, 500_000, 4, 4)),
                new Change.Add(new TempoMark(new UUID(0x4000, 0x8000_0000_0000_000aL), 4, 1_000_000, 4, 4)))));

        assertThat(BeatGrid.of(changing, BeatGrid.Step.BEAT, 96).frames()).startsWith(0L, 12L, 24L, 36L, 48L, 72L, 96L);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "11, 0", "12, 0", "13, 24", "36, 24", "500, 48"})
    void the_nearest_place_is_the_earlier_of_two(long frame, long nearest) {
        assertThat(BeatGrid.of(new SamplePlan().build(), BeatGrid.Step.BEAT, 48).nearest(frame))
                .isEqualTo(nearest);
    }

    @Test
    void steps_lead_from_place_to_place_and_not_before_the_beginning() {
        BeatGrid grid = BeatGrid.of(new SamplePlan().build(), BeatGrid.Step.BEAT, 48);

        assertThat(grid.after(0)).isEqualTo(24);
        assertThat(grid.after(25)).isEqualTo(48);
        assertThat(grid.before(24)).isZero();
        assertThat(grid.before(0)).isZero();
    }

    /** 120 beats a minute in fours from 0.35 s on: bars of two seconds, 48 frames of 24. */
    @Test
    void bars_begin_on_their_nearest_frames() {
        assertThat(BeatGrid.bars(music(120, 0.35), 120)).containsExactly(0L, 8L, 56L, 104L);
        assertThat(BeatGrid.bars(new SamplePlan().build(), 120)).isEmpty();
    }

    @Test
    void the_neighbours_of_a_frame_on_the_grid_and_beyond_it() {
        BeatGrid grid = BeatGrid.of(music(60, 0), BeatGrid.Step.BEAT, 48);
        assertThat(grid.before(30)).isEqualTo(24);
        assertThat(grid.before(24)).isZero();
        assertThat(grid.before(0)).isZero();
        assertThat(grid.after(24)).isEqualTo(48);
        assertThat(grid.after(5000)).isEqualTo(5001);
        assertThat(BeatGrid.Step.HALF.label()).isEqualTo("half beats");
    }
}
