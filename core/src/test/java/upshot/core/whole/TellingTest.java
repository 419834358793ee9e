package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.cut.PaperCut;
import upshot.core.house.CoverageSchool;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.size.Size;

/** In what order it is told, and where the editor can breathe. */
class TellingTest extends WholeOnSample {

    private int told(Plan plan) {
        return new Telling().judge(PaperCut.of(plan)).size();
    }

    @Test
    void actions_are_told_in_one_run_and_in_their_order_and_features_come_from_anywhere() {
        Action second = sample.action();
        Action place = feature();
        use(24, one -> one);
        use(place, 24, one -> one);
        use(24, one -> one);
        use(second, 24, one -> one);
        assertThat(told(sample.build())).isZero();
        use(24, one -> one);
        use(second, 24, one -> one);
        use(24, one -> one);
        Plan scattered = sample.build();
        assertThat(told(scattered)).as("each that comes back, once").isEqualTo(2);
        Plan declared = scattered;
        for (int i : new int[] {4, 5, 6}) {
            declared = declared.apply(Change.set(declared.uses().get(i), "entry", Entry.RETURN));
        }
        assertThat(told(declared)).isZero();
    }

    @Test
    void what_was_written_first_is_told_first_unless_two_strands_are_told_in_turn() {
        Action second = sample.action(one -> one.with("strand", "other"));
        use(second, 24, one -> one);
        use(24, one -> one);
        use(second, 24, one -> one);
        assertThat(told(sample.build())).isEqualTo(2);
        assertThat(told(house(sample.build(), "telling", TellingSchool.PARALLEL)))
                .isZero();
    }

    @Test
    void a_montage_never_shows_one_action_twice_running() {
        Action second = sample.action();
        use(second, 24, one -> one);
        use(24, one -> one);
        use(second, 24, one -> one);
        assertThat(told(house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .isZero();
        use(second, 24, one -> one);
        assertThat(told(house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .isEqualTo(1);
    }

    @Test
    void what_must_be_shot_is_seen() {
        use(24, one -> one);
        Action unseen = sample.action();
        sample.shot(unseen, one -> one.with("priority", Priority.SHOULD));
        assertThat(told(sample.build())).isZero();
        sample.shot(unseen, one -> one);
        assertThat(told(sample.build())).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"192, false", "193, true"})
    void eight_seconds_pass_without_a_cutaway_and_no_more(int frames, boolean watched) {
        use(frames, one -> one);
        use(feature(), 24, one -> one);
        use(192 + 96, one -> one);

        assertThat(watched(new Cutaways()))
                .as("the last four seconds are not asked")
                .isEqualTo(watched);
        assertThat(judge(new Cutaways(), house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .isEmpty();
        assertThat(judge(new Cutaways(), house(sample.build(), "coverage", CoverageSchool.PRODUCT)))
                .isEmpty();
    }

    @Test
    void hands_without_the_face_let_the_editor_breathe_and_a_face_does_not() {
        use(150, one -> one);
        use(24, one -> one.with("size", Size.CLOSE_UP));
        use(250, one -> one);
        Plan face = sample.build();

        assertThat(judge(new Cutaways(), face)).isPresent();
        assertThat(judge(new Cutaways(), face.apply(Change.set(face.shots().get(1), "aim", Aim.HANDS))))
                .isEmpty();
    }
}
