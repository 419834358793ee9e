package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Standing;
import upshot.core.plan.Support;
import upshot.core.verdict.Verdict;

/** Somebody at (5, 2), seen from in front: the camera stands deeper in and looks back, its right is the floor's left. */
class TrackTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action =
            sample.action(one -> one.with("acrossM", Optional.of(5.0)).with("deepM", Optional.of(2.0)));

    private Shot shot(UnaryOperator<Shot> change) {
        return sample.shot(
                action,
                one -> change.apply(one.with("bearingDeg", 0.0)
                        .with("support", Support.SLIDER)
                        .with("moveM", 1.0)));
    }

    private List<Corner> track(Shot shot) {
        return MoveExtent.track(sample.build(), shot);
    }

    private Corner camera(Shot shot) {
        return Standpoint.of(sample.build(), shot).orElseThrow().at();
    }

    private static void near(Corner corner, double acrossM, double deepM) {
        assertThat(corner.acrossM()).isCloseTo(acrossM, within(1e-9));
        assertThat(corner.deepM()).isCloseTo(deepM, within(1e-9));
    }

    @Test
    void a_slide_has_its_planned_frame_in_the_middle_and_one_that_hands_over_begins_there() {
        Shot slide = shot(one -> one.with("move", Move.SLIDE));
        near(track(slide).get(0), 5.5, camera(slide).deepM());
        near(track(slide).get(1), 4.5, camera(slide).deepM());
        Shot back =
                shot(one -> one.with("move", Move.SLIDE).with("moveBack", true).with("reason", MoveReason.HANDS_OVER));
        near(track(back).get(0), 5, camera(back).deepM());
        near(track(back).get(1), 6, camera(back).deepM());
    }

    @Test
    void pushes_and_pulls_go_to_the_subject_and_from_it() {
        Shot push = shot(one -> one.with("move", Move.PUSH).with("moveM", 0.4));
        near(track(push).get(1), 5, camera(push).deepM() - 0.4);
        Shot pull = shot(one -> one.with("move", Move.PULL).with("moveM", 0.4));
        near(track(pull).get(1), 5, camera(pull).deepM() + 0.4);
    }

    @Test
    void an_orbit_keeps_its_distance_and_ends_where_it_turns_to() {
        Shot orbit = shot(one -> one.with("move", Move.ORBIT).with("turnDeg", 90.0));
        double radius = camera(orbit).deepM() - 2;
        assertThat(track(orbit))
                .allSatisfy(point ->
                        assertThat(Place.apartM(point, new Corner(5, 2))).isCloseTo(radius, within(1e-9)));
        Corner end = track(orbit).get(track(orbit).size() - 1);
        near(end, 5 + radius, 2);
    }

    /** What nobody says is taken so that it is seen: two fifths of the frame's height aside, a quarter of the distance on. */
    @Test
    void a_way_of_which_nobody_says_how_long_it_is() {
        Shot slide = shot(one -> one.with("move", Move.SLIDE).with("moveM", 0.0));
        double frame = Stand.of(sample.build(), slide).framing().heightM();
        near(track(slide).get(0), 5 + 0.2 * frame, camera(slide).deepM());
        near(track(slide).get(1), 5 - 0.2 * frame, camera(slide).deepM());
        Shot pull = shot(one -> one.with("move", Move.PULL).with("moveM", 0.0));
        double away = Stand.of(sample.build(), pull).distanceM();
        near(track(pull).get(1), 5, camera(pull).deepM() + 0.25 * away);
        MoveExtent unsaid = new MoveExtent(
                shot(one -> one.with("moveM", 0.0).with("turnDeg", 0.0)), Stand.of(sample.build(), pull));
        assertThat(List.of(unsaid.panDeg(), unsaid.tiltDeg(), unsaid.orbitDeg()))
                .containsExactly(14.0, 9.0, 30.0);
        assertThat(unsaid.liftM()).isCloseTo(0.35 * frame, within(1e-9));
        MoveExtent said = new MoveExtent(
                shot(one -> one.with("moveM", 0.6).with("turnDeg", 20.0)), Stand.of(sample.build(), pull));
        assertThat(List.of(said.panDeg(), said.tiltDeg(), said.orbitDeg())).containsOnly(20.0);
        assertThat(List.of(said.liftM(), said.slideM(), said.pullM())).containsOnly(0.6);
    }

    @Test
    void a_reveal_ends_at_what_was_planned_and_a_push_never_runs_into_somebody() {
        Shot reveal = shot(one -> one.with("move", Move.SLIDE).with("reason", MoveReason.REVEALS));
        near(track(reveal).get(0), 6, camera(reveal).deepM());
        near(track(reveal).get(1), 5, camera(reveal).deepM());
        Shot far = shot(one -> one.with("move", Move.PUSH).with("moveM", 20.0));
        double away = Stand.of(sample.build(), far).distanceM();
        near(track(far).get(1), 5, camera(far).deepM() - 0.7 * away);
    }

    @Test
    void what_stays_in_its_place_has_none() {
        assertThat(track(shot(one -> one.with("move", Move.PAN)))).isEmpty();
        assertThat(track(shot(one -> one.with("move", Move.STILL)))).isEmpty();
    }

    /** The way out begins 0.9 m to the camera's right; it stays out of it, its slide of 1 m to either side comes within 0.4 m. */
    @Test
    void a_track_into_a_way_out_is_said_though_the_camera_begins_beside_it() {
        Shot still = shot(one -> one.with("move", Move.STILL));
        Shot slide = shot(one -> one.with("move", Move.SLIDE));
        Plan plan = sample.build()
                .apply(new Change.Add(new Standing(
                        sample.id(),
                        action.spotId(),
                        1,
                        "Exit",
                        Standing.Kind.WAY_OUT,
                        Outline.parse("0 0, 4.1 0, 4.1 40, 0 40"),
                        0,
                        "",
                        "")));
        Verdict verdict = Verdict.of(plan);
        assertThat(verdict.findingsOf(still)).extracting(Finding::ruleId).doesNotContain("way-out");
        assertThat(verdict.findingsOf(slide)).extracting(Finding::ruleId).contains("way-out");
    }
}
