package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import upshot.core.finding.Status;
import upshot.core.ground.AimedAt;
import upshot.core.ground.Likeness;
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.house.CoverageSchool;
import upshot.core.light.SunOnView;
import upshot.core.plan.Action;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Consent;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Focus;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Support;
import upshot.core.shot.ReadyChecks;
import upshot.core.shot.ShotRule;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/** Where and how shots are put that fill holes. */
class FillTest extends FillOnSample {

    @Test
    void filled_shots_keep_the_side_cut_together_and_fit_the_room() {
        Action right = sample.action();
        Action left =
                sample.action(action -> action.with("side", Side.RIGHT_TO_LEFT).with("thing", "jar"));
        Plan plan = sample.build();
        Plan filled = plan.apply(fill(plan, sample));

        assertThat(Coverage.holes(filled)).isEmpty();
        for (Action action : List.of(right, left)) {
            List<Shot> shots = filled.shotsOf(action);
            ScreenTravel kept = action == right ? ScreenTravel.LEFT_TO_RIGHT : ScreenTravel.RIGHT_TO_LEFT;
            assertThat(shots).allSatisfy(shot -> {
                assertThat(ScreenTravel.of(shot.bearingDeg(), false, 20)).isEqualTo(kept);
                assertThat(ShotRule.judgeAll(filled, shot)).isEmpty();
            });
            shots.forEach(one -> shots.stream()
                    .filter(other -> other != one)
                    .forEach(other -> assertThat(
                                    Likeness.between(filled, one, other).clear())
                            .isTrue()));
        }
        assertThat(filled.shotsOf(left)).extracting(Shot::size).contains(Size.WIDE);
    }

    @Test
    void the_same_plan_gets_the_same_proposal_and_nothing_is_overwritten() {
        Shot mine = sample.shot(sample.action(), 30);
        Plan plan = sample.build();

        Change first = new Fill(numbered(), Codes.of(plan)).propose(plan, hole -> hole.sizeClass() == SizeClass.WIDE);
        Change second = new Fill(numbered(), Codes.of(plan)).propose(plan, hole -> hole.sizeClass() == SizeClass.WIDE);

        assertThat(first).isEqualTo(second);
        assertThat(plan.apply(first).shots()).contains(mine).hasSizeGreaterThan(1);
        assertThat(first.steps()).allMatch(step -> step instanceof Change.Add);
    }

    private static Supplier<UUID> numbered() {
        int[] made = {0};
        return () -> new UUID(0x9999_9999_9999_4999L, 0x8000_0000_0000_0000L | ++made[0]);
    }

    @Test
    void in_a_narrow_room_a_shorter_lens_is_taken() {
        Action action = sample.action();
        Plan plan = sample.build();
        Plan narrow = plan.apply(Change.set(plan.spotOf(action), "roomM", 2.6));
        Plan filled = narrow.apply(fill(narrow, sample));
        Shot mid = filled.shotsOf(action).stream()
                .filter(shot -> shot.size() == Size.MEDIUM)
                .findFirst()
                .orElseThrow();

        assertThat(mid.focalLengthMm()).isEqualTo(35);
        assertThat(ShotRule.judgeAll(filled, mid)).isEmpty();
    }

    @Test
    void somebody_too_quick_for_a_still_frame_is_panned_with_and_on_foot_followed() {
        Action action = sample.action(one -> one.with("speedMps", 8.0));
        Plan plan = sample.build();
        Plan filled = plan.apply(fill(plan, sample));

        assertThat(filled.shotsOf(action)).extracting(Shot::move).contains(Move.PAN);
        Plan walking = plan.apply(Change.set(action, "speedMps", 2.9));
        assertThat(walking.apply(fill(walking, sample)).shotsOf(action))
                .extracting(Shot::move)
                .contains(Move.FOLLOW);
        assertThat(filled.shotsOf(action))
                .filteredOn(shot -> shot.move() == Move.PAN && shot.size().fullOrWider())
                .isNotEmpty()
                .allSatisfy(shot -> assertThat(ShotRule.judgeAll(filled, shot))
                        .noneMatch(finding -> finding.status() == Status.BREAK));
    }

    @Test
    void outdoors_the_sun_is_behind_or_beside_what_is_shown() {
        // At 11:42 UTC the sun stands due south and the yard faces south: from 30° it would be in front.
        sample.action(
                one -> one.with("spotId", sample.nextSpot()).with("fixedTime", Optional.of(LocalTime.of(11, 42))));
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)));
        Plan plan = sample.build();
        Plan lit = plan.apply(Change.set(plan.spots().get(1), "facingDeg", Optional.of(180.0)));
        Plan filled = lit.apply(fill(lit, sample));

        assertThat(filled.shots())
                .hasSizeGreaterThanOrEqualTo(3)
                .allSatisfy(shot -> assertThat(
                                SunOnView.of(filled, shot).orElseThrow().from())
                        .isIn(SunOnView.From.SIDE, SunOnView.From.BEHIND));
    }

    @Test
    void an_opening_is_entered_by_a_move_past_something_in_front() {
        sample.action();
        Plan open = sample.build().apply(Change.set(sample.build().beats().get(0), "role", StoryBeat.Role.OPENING));
        Plan filled = open.apply(fill(open, sample));

        assertThat(Wishes.of(filled, filled.beats().get(0)))
                .extracting(Wishes.Wish::sentence)
                .containsExactly("3 ways in, 2 asked", "1 action without a sound");
        assertThat(filled.shots()).filteredOn(Shot::foreground).hasSize(1);
    }

    @Test
    void what_cannot_be_made_is_refused_with_what_would_have_to_change() {
        Action action = sample.action();
        Plan plan = sample.build();
        Plan cramped = plan.apply(Change.set(plan.spots().get(0), "roomM", 0.5));
        Plan thing = plan.apply(Change.set(action, "subjectId", sample.object()));
        Plan product = school(
                thing.apply(new Change.Add(new Carrier(sample.id(), "Legs", 1, Support.TRIPOD, 0.3, 1.8, 0))),
                CoverageSchool.PRODUCT);

        assertThat(whyNot(cramped, SizeClass.WIDE, View.ANY))
                .matches("It needs at least [0-9.]+ m to stand back and Hall gives 0.5 m: .*");
        assertThat(whyNot(product, SizeClass.MID, View.OVERHEAD))
                .isEqualTo("The kit has no overhead rig: add one, or choose another school.");
    }

    private String whyNot(Plan plan, SizeClass sizeClass, View view) {
        return new Fill(sample::id, Codes.of(plan))
                .outcome(plan, hole -> hole.sizeClass() == sizeClass && hole.view() == view).refused().stream()
                        .findFirst()
                        .orElseThrow()
                        .why();
    }

    @Test
    void extras_are_offered_once_the_rest_is_covered_and_only_once() {
        sample.action();
        Plan plan = sample.build();
        Fill fill = new Fill(sample::id, Codes.of(plan));

        assertThat(fill.extras(plan).proposed()).isEmpty();
        Plan covered = plan.apply(fill.propose(plan, hole -> true));
        Shot extra = fill.extras(covered).proposed().get(0).shot();
        assertThat(extra.priority()).isEqualTo(Priority.BONUS);
        keepsItsWord(covered.apply(new Change.Add(extra)), extra);
        assertThat(fill.extras(covered.apply(new Change.Add(extra))).proposed()).isEmpty();
    }

    @Test
    void who_refused_consent_is_not_shown_so_that_one_would_know_them() {
        Action action = sample.action(one -> one.with("focus", Focus.HANDS));
        Plan plan = sample.build();
        Plan refused = plan.apply(Change.set(plan.subjectOf(action), "consent", Consent.REFUSED));

        assertThat(plan.apply(fill(plan, sample)).shots())
                .anyMatch(shot -> shot.size() == Size.MEDIUM && ReadyChecks.showsAFace(plan, shot));
        Plan filled = refused.apply(fill(refused, sample));
        assertThat(filled.shots())
                .isNotEmpty()
                .noneMatch(shot -> shot.size().compareTo(Size.WIDE) > 0 && ReadyChecks.showsAFace(filled, shot));
    }

    @Test
    void what_happens_once_gets_a_picture_a_camera_and_is_asked_about() {
        Action once = sample.action(one -> one.with("once", true).with("focus", Focus.HANDS));
        sample.action();
        Plan plan = sample.build();
        Fill.Outcome outcome = new Fill(sample::id, Codes.of(plan)).outcome(plan, hole -> true);

        assertThat(outcome.proposed())
                .filteredOn(one -> one.shot().actionId().equals(once.id()))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.hole().want()).isEqualTo(Hole.Want.TELLING);
                    assertThat(one.shot().takes()).isEqualTo(1);
                });
        Plan again = plan.apply(Change.set(once, "stagedAgain", true));
        assertThat(again.apply(fill(again, sample)).shotsOf(again.get(RecordKind.ACTION, once.id())))
                .hasSizeGreaterThan(1);
    }

    @Test
    void feet_are_shot_from_the_floor_and_hands_from_above_each_on_what_holds_it_there() {
        Action feet = sample.action(one -> one.with("focus", Focus.FEET));
        Action hands = sample.action(one -> one.with("focus", Focus.HANDS).with("line", Line.NONE));
        Plan plan = sample.build();
        Plan filled = plan.apply(fill(plan, sample));

        Shot low = detail(filled, feet);
        assertThat(low.cameraHeightM()).isLessThan(0.2);
        assertThat(low.support()).isEqualTo(Support.GROUND);
        Shot above = detail(filled, hands);
        assertThat(Stand.of(filled, above).elevationDeg()).isGreaterThan(15);
        assertThat(Stand.of(filled, above).aim().part()).isEqualTo(AimedAt.Part.HANDS);
    }

    private static Shot detail(Plan plan, Action action) {
        return plan.shotsOf(action).stream()
                .filter(shot -> shot.size().sizeClass() == SizeClass.DETAIL)
                .findFirst()
                .orElseThrow();
    }
}
