package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** How long the cut, its beats and its pictures are, and where its joints lie. */
class LengthsTest extends WholeOnSample {

    @ParameterizedTest
    @CsvSource({"240, ''", "239, Too short.", "241, Too long."})
    void the_cut_is_as_long_as_the_promo_to_the_frame(int frames, String title) {
        sample.brief("lengthS", 10.0);
        use(frames, one -> one);

        assertThat(judge(new Length(), sample.build()).map(Finding::title).orElse(""))
                .isEqualTo(title);
    }

    @ParameterizedTest
    @CsvSource({"96, false", "97, true"})
    void no_picture_stands_longer_than_it_bears(int frames, boolean watched) {
        use(144, one -> one);
        use(frames, one -> one);
        use(144, one -> one);
        Plan plan = sample.build();

        assertThat(judge(new LongUse(), plan).isPresent()).isEqualTo(watched);
        assertThat(judge(new LongUse(), plan.apply(Change.set(action, "speech", true))))
                .isEmpty();
        assertThat(judge(new LongUse(), plan.apply(Change.set(plan.uses().get(1), "pinned", true))))
                .isEmpty();
        assertThat(judge(new LongUse(), plan.apply(Change.set(plan.uses().get(0), "frames", 145))))
                .as("six seconds at the ends")
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"4, 72, false", "4, 71, true", "4, 120, false", "4, 121, true", "20, 552, false", "20, 553, true"})
    void a_beat_may_be_a_second_or_15_percent_beside_what_was_asked(double target, int frames, boolean watched) {
        use(frames, one -> one);
        Plan plan = sample.build();
        Plan asked = plan.apply(Change.set(plan.beats().get(0), "targetS", Optional.of(target)));

        assertThat(judge(new BeatLength(), plan)).isEmpty();
        assertThat(judge(new BeatLength(), asked).isPresent()).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"24, false", "25, true"})
    void the_longest_is_twice_the_shortest(int shortest, boolean watched) {
        use(shortest, one -> one);
        use(48, one -> one);

        assertThat(watched(new Pace())).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"4, false", "5, true"})
    void four_of_one_length_may_follow_each_other(int run, boolean watched) {
        use(48, one -> one);
        for (int i = 0; i < run; i++) {
            use(24, one -> one);
        }
        assertThat(watched(new Pace())).isEqualTo(watched);
        assertThat(judge(new Pace(), house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .as("a montage bears eight")
                .isEmpty();
    }

    @Test
    void half_of_the_joints_fall_on_a_beat_within_a_frame_and_a_snap_brings_all() {
        // 120 bpm is a beat in twelve frames.
        sample.brief("tempoBpm", Optional.of(120.0));
        use(25, one -> one);
        use(30, one -> one);
        use(17, one -> one);
        assertThat(watched(new OnTheBeat()))
                .as("25 is one off 24, 55 is five off 60")
                .isFalse();
        use(5, one -> one);
        use(24, one -> one);
        Plan plan = sample.build();
        // The joints lie on 25, 55, 72 and 77.
        assertThat(judge(new OnTheBeat(), plan)).isEmpty();
        Plan later = plan.apply(Change.set(plan.uses().get(0), "frames", 28));
        assertThat(judge(new OnTheBeat(), later).orElseThrow().measured().value())
                .isCloseTo(0, within(1e-9));
        // Now 28, 58, 75 and 80; with a use of two frames in between it would have none left.
        Plan tiny = later.apply(Change.set(later.uses().get(3), "frames", 2));
        assertThat(judge(new OnTheBeat(), tiny).orElseThrow().mends()).isEmpty();
        Plan snapped = mended(new OnTheBeat(), later, 0);
        assertThat(PaperCut.of(snapped).uses())
                .extracting(PaperCut.Placed::startFrame)
                .containsExactly(0L, 24L, 60L, 72L, 84L);
        assertThat(PaperCut.of(snapped).frames()).isEqualTo(PaperCut.of(later).frames());
    }

    @Test
    void without_music_no_joint_is_beside_it() {
        use(25, one -> one);
        use(30, one -> one);

        assertThat(watched(new OnTheBeat())).isFalse();
    }
}
