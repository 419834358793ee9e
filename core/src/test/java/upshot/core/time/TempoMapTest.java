package upshot.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.TempoMark;

class TempoMapTest {

    private final SamplePlan ids = new SamplePlan();

    private TempoMark mark(double quarter, int micros, int beats, int unit) {
        return new TempoMark(ids.id(), quarter, micros, beats, unit);
    }

    @Test
    void one_tempo_gives_bars_of_one_length_after_the_first_beat() {
        TempoMap map = TempoMap.of(new SamplePlan()
                        .brief("tempoBpm", Optional.of(120.0))
                        .brief("firstBeatS", 0.35)
                        .build())
                .orElseThrow();

        List<TempoMap.Bar> bars = map.barsUntil(32);
        assertThat(bars).hasSize(16);
        assertThat(bars.get(15).startS()).isCloseTo(30.35, within(1e-9));
        assertThat(bars.get(1).beatsS()).hasSize(4).last().isEqualTo(3.85);
    }

    @Test
    void without_tempo_and_marks_there_is_no_music() {
        assertThat(TempoMap.of(new SamplePlan().build())).isEmpty();
    }

    @Test
    void tempo_and_metre_change_where_the_marks_stand() {
        // Four bars of 4/4 at 120 (8 s), then 3/4 at 90 (2 s a bar), from quarter 22 on 6/8 at 100 (1.8 s a bar).
        TempoMap map =
                new TempoMap(List.of(mark(0, 500_000, 4, 4), mark(16, 666_667, 3, 4), mark(22, 600_000, 6, 8)), 0);

        assertThat(map.barsUntil(15)).extracting(TempoMap.Bar::startS).satisfies(starts -> {
            assertThat(starts.get(4)).isEqualTo(8.0);
            assertThat(starts.get(5)).isCloseTo(10.000001, within(1e-9));
            assertThat(starts.get(6)).isCloseTo(12.000002, within(1e-9));
            assertThat(starts.get(7)).isCloseTo(13.800002, within(1e-9));
        });
        assertThat(map.barsUntil(15).get(6).beatsS()).hasSize(6);
    }

    @Test
    void a_bar_cut_short_by_a_mark_ends_there() {
        TempoMap map = new TempoMap(List.of(mark(0, 500_000, 4, 4), mark(6, 500_000, 4, 4)), 0);

        assertThat(map.barsUntil(5)).extracting(TempoMap.Bar::startS).containsExactly(0.0, 2.0, 3.0);
        assertThat(map.barsUntil(5).get(1).beatsS()).containsExactly(2.0, 2.5);
    }

    @Test
    void the_bar_after_the_last_is_known_too() {
        TempoMap map = new TempoMap(List.of(mark(0, 500_000, 4, 4)), 0.5);
        List<TempoMap.Bar> bars = map.barsUntil(4);

        assertThat(bars).hasSize(2);
        assertThat(map.barStartS(bars, 1, 99)).isEqualTo(2.5);
        assertThat(map.barStartS(bars, 4, 99)).isEqualTo(8.5);
        assertThat(map.barStartS(List.of(), 4, 99)).isEqualTo(99);
    }

    @Test
    void hours_of_music_do_not_fill_the_memory() {
        TempoMap map = new TempoMap(List.of(new TempoMark(UUID.randomUUID(), 0, 100_000, 1, 32)), 0);

        assertThat(map.barsUntil(3600)).hasSize(20_000);
    }

    /** In 6/8 the eighths of 0.3 s count; a bar that a mark cuts short has the beats that are left. */
    @Test
    void beats_are_of_the_unit_of_their_bar_and_end_where_the_next_tempo_begins() {
        TempoMap eighths = new TempoMap(List.of(mark(0, 600_000, 6, 8)), 1);
        assertThat(eighths.barsUntil(3.9)).hasSize(2);
        List<Double> second = eighths.barsUntil(3.9).get(1).beatsS();
        assertThat(second).hasSize(6);
        for (int beat = 0; beat < 6; beat++) {
            assertThat(second.get(beat)).isCloseTo(2.8 + 0.3 * beat, within(1e-9));
        }
        TempoMap cut = new TempoMap(List.of(mark(0, 500_000, 4, 4), mark(6, 1_000_000, 4, 4)), 0);
        assertThat(cut.barsUntil(3.5)).extracting(bar -> bar.beatsS().size()).containsExactly(4, 2, 4);
        assertThat(cut.barsUntil(3.5).get(2).startS()).isEqualTo(3.0);
        assertThat(cut.barsUntil(3.0))
                .as("a bar that begins then is not before")
                .hasSize(2);
    }

    @Test
    void seconds_go_on_evenly_over_a_mark() {
        TempoMap map = new TempoMap(List.of(mark(0, 500_000, 4, 4), mark(6, 1_000_000, 4, 4)), 0.5);
        assertThat(map.secondsAt(-2)).isEqualTo(-0.5);
        assertThat(map.secondsAt(0)).isEqualTo(0.5);
        assertThat(map.secondsAt(6)).isEqualTo(3.5);
        assertThat(map.secondsAt(7)).isEqualTo(4.5);
    }
}
