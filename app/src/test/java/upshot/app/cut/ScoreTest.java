package upshot.app.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

class ScoreTest {

    private static final Offset<Double> THOUSANDTH = within(0.001);
    private static final ScoreView PLAIN = ScoreView.of(Map.of(), Set.of());
    private final SamplePlan sample = new SamplePlan();

    /** A score of uses of these lengths in frames, at 24 fps and 120 bpm: a line is 8 s, 192 frames. */
    private Score score(double promoS, int... frames) {
        sample.brief("tempoBpm", Optional.of(120.0)).brief("lengthS", promoS);
        Shot shot = sample.shot(sample.action(), 30);
        List<Use> uses = Arrays.stream(frames).mapToObj(any -> sample.use(shot)).toList();
        Plan plan = sample.build();
        for (int i = 0; i < frames.length; i++) {
            plan = plan.apply(Change.set(uses.get(i), "frames", frames[i]));
        }
        return Score.of(Verdict.of(plan), PLAIN);
    }

    @Test
    void uses_lie_where_their_frames_put_them() {
        Score score = score(8, 48, 96, 48);
        Score.ScoreLine line = score.lines().get(0);

        assertThat(score.lines()).hasSize(1);
        assertThat(line.tiles()).extracting(Score.Tile::at).containsExactly(0.0, 25.0, 75.0);
        assertThat(line.tiles()).extracting(Score.Tile::width).containsExactly(25.0, 50.0, 25.0);
        assertThat(line.joints()).extracting(Score.JointMark::at).containsExactly(25.0, 75.0);
        assertThat(line.joints()).extracting(Score.JointMark::number).containsExactly(1, 2);
        assertThat(score.lineNote()).isEqualTo("four bars a line, 8 s");
    }

    @Test
    void a_use_over_a_line_s_end_is_drawn_on_both_with_open_edges() {
        Score score = score(16, 144, 96, 144);
        Score.Tile left = score.lines().get(0).tiles().get(1);
        Score.Tile right = score.lines().get(1).tiles().get(0);

        assertThat(left.useId()).isEqualTo(right.useId());
        assertThat(left.opensRight()).isTrue();
        assertThat(left.opensLeft()).isFalse();
        assertThat(right.opensLeft()).isTrue();
        assertThat(right.opensRight()).isFalse();
        assertThat(left.width() + right.width()).isCloseTo(50, THOUSANDTH);
        assertThat(score.lines().get(1).joints())
                .extracting(Score.JointMark::at)
                .containsExactly(25.0);
    }

    @Test
    void a_joint_on_the_line_s_edge_stands_at_the_start_of_the_next() {
        Score score = score(16, 192, 192);

        assertThat(score.lines().get(0).joints()).isEmpty();
        assertThat(score.lines().get(0).tiles()).hasSize(1);
        assertThat(score.lines().get(1).joints())
                .extracting(Score.JointMark::at)
                .containsExactly(0.0);
    }

    @Test
    void the_promo_s_end_is_marked_and_a_longer_cut_gets_more_lines() {
        Score score = score(4, 192, 48);

        assertThat(score.lines()).hasSize(2);
        assertThat(score.lines().get(0).endsAt()).isEqualTo(50);
        assertThat(score.lines().get(1).endsAt()).isZero();
    }

    @Test
    void without_music_the_ruler_counts_seconds() {
        sample.brief("lengthS", 10.0);
        Score score = Score.of(Verdict.of(sample.build()), PLAIN);

        assertThat(score.lines()).hasSize(2);
        assertThat(score.lines().get(1).ticks())
                .extracting(Ruler.Tick::label)
                .startsWith("8 s", "9 s")
                .hasSize(8);
    }

    @Test
    void bars_are_counted_through() {
        List<String> labels = score(16, 384).lines().get(1).ticks().stream()
                .map(Ruler.Tick::label)
                .filter(label -> !label.isEmpty())
                .toList();

        assertThat(labels).containsExactly("5", "6", "7", "8");
    }

    @Test
    void lines_far_from_the_window_are_laid_out_but_not_drawn() {
        sample.brief("lengthS", 200.0);
        Shot shot = sample.shot(sample.action(), 30);
        for (int i = 0; i < 25; i++) {
            sample.use(shot, 192);
        }
        Verdict verdict = Verdict.of(sample.build());
        List<Score.ScoreLine> top = Score.of(verdict, PLAIN).lines();
        List<Score.ScoreLine> below =
                Score.of(verdict, ScoreView.of(Map.of("line", "20"), Set.of())).lines();

        assertThat(top.get(6).tiles().get(0).frame().svg()).isNotEmpty();
        assertThat(top.get(7).tiles().get(0).frame().svg()).isEmpty();
        assertThat(top.get(7).tiles().get(0).width())
                .isEqualTo(below.get(7).tiles().get(0).width());
        assertThat(below.get(14).tiles().get(0).frame().svg()).isNotEmpty();
        assertThat(below.get(13).tiles().get(0).frame().svg()).isEmpty();
    }
}
