package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.shot.ShotRule;
import upshot.core.size.Size;

class CopiesTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();

    @Test
    void a_duplicate_stands_right_behind_its_original_and_differs_in_nothing_else() {
        Shot first = sample.shot(action, 30);
        Shot second = sample.shot(action, 90);
        Plan plan = sample.build();
        Shot copy = Copies.duplicate(plan, first, sample.id(), "Z7");
        Plan grown = plan.apply(new Change.Add(copy));

        assertThat(grown.shotsOf(action)).extracting(Shot::code).containsExactly(first.code(), "Z7", second.code());
        assertThat(copy)
                .usingRecursiveComparison()
                .ignoringFields("id", "code", "rank")
                .isEqualTo(first);
    }

    @Test
    void a_setup_copied_to_an_action_of_the_other_side_keeps_that_side_and_shows_its_thing() {
        Action other = sample.action(one -> one.with("side", Side.RIGHT_TO_LEFT)
                .with("thing", "bell")
                .with("thingHeightM", 0.4)
                .with("once", true));
        Shot shot = sample.shot(
                action,
                one -> one.with("insertHeightM", Optional.of(0.1))
                        .with("size", Size.INSERT)
                        .with("bearingDeg", 60.0)
                        .with("note", "mine"));
        Shot copy = Copies.forAction(sample.build(), shot, other, sample.id(), "Z7");

        assertThat(copy.actionId()).isEqualTo(other.id());
        assertThat(copy.bearingDeg()).isEqualTo(300);
        assertThat(copy.insertHeightM().orElseThrow()).isCloseTo(0.52, within(1e-9));
        assertThat(copy.takes()).isEqualTo(1);
        assertThat(copy.note()).isEmpty();
        assertThat(copy.focalLengthMm()).isEqualTo(shot.focalLengthMm());
    }

    @Test
    void the_ending_gets_the_opening_s_picture_with_its_move_played_back() {
        Shot opening = sample.shot(action, one -> one.with("move", Move.PUSH));
        assertThat(Copies.forEnding(sample.build(), opening, sample.id(), "Z7")).isEmpty();

        sample.action(one -> one.with("beatId", sample.nextBeat()).with("spotId", sample.nextSpot()));
        Action sameSpot = sample.action(one -> one.with("beatId", sample.nextBeat()));
        Shot closing =
                Copies.forEnding(sample.build(), opening, sample.id(), "Z7").orElseThrow();

        assertThat(closing.actionId()).isEqualTo(sameSpot.id());
        assertThat(closing.move()).isEqualTo(Move.PULL);
        assertThat(closing.bearingDeg()).isEqualTo(opening.bearingDeg());
        assertThat(Copies.forEnding(sample.build(), opening.with("move", Move.ORBIT), sample.id(), "Z8")
                        .orElseThrow()
                        .move())
                .isEqualTo(Move.ORBIT);
    }

    @Test
    void a_punch_in_gives_the_next_size_that_counts_from_the_same_stand() {
        // Delivered at 1920 from 3840: twice. A medium full (0.70) over a medium close (0.38) is 1.84.
        sample.brief("longSidePx", 1920);
        Shot shot = sample.shot(action, one -> one.with("size", Size.MEDIUM_FULL));
        Plan plan = sample.build();
        Shot tighter = Copies.punchedIn(plan, shot, sample.id(), "Z7").orElseThrow();
        Plan grown = plan.apply(new Change.Add(tighter));

        assertThat(tighter.size()).isEqualTo(Size.MEDIUM_CLOSE);
        assertThat(tighter.punchIn()).isCloseTo(0.70 / 0.38, within(1e-9));
        assertThat(Stand.of(grown, tighter).distanceM())
                .isCloseTo(Stand.of(grown, shot).distanceM(), within(1e-9));
        assertThat(ShotRule.judgeAll(grown, tighter)).noneMatch(finding -> finding.status() == Status.BREAK);
        sample.brief("longSidePx", 3840);
        assertThat(Copies.punchedIn(sample.build(), shot, sample.id(), "Z8")).isEmpty();
    }

    @Test
    void two_moves_become_two_shots_of_one_move_each() {
        Shot shot = sample.shot(action, one -> one.with("move", Move.PUSH).with("alsoMove", Move.TILT));
        Plan plan = sample.build();
        Plan split = plan.apply(Change.batch(Copies.splitByMove(plan, shot, sample.id(), "Z7")));

        assertThat(split.shotsOf(action)).extracting(Shot::move).containsExactly(Move.PUSH, Move.TILT);
        assertThat(split.shots()).extracting(Shot::alsoMove).containsOnly(Move.STILL);
        assertThat(Copies.splitByMove(plan, shot.with("move", Move.STILL), sample.id(), "Z8"))
                .isEqualTo(List.of());
    }
}
