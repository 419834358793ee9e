package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.house.CoverageSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Meant;
import upshot.core.plan.Move;
import upshot.core.plan.Noise;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Support;
import upshot.core.plan.Use;
import upshot.core.size.Form;
import upshot.core.size.Size;

/** What is said of people, of what holds the camera, of lamps and of several uses, to the word. A medium as in SaidOfShotsTest. */
class SaidOfPeopleAndLampsTest extends ShotOnSample {

    private final Shot base = shot(one -> one, one -> one);
    private final Plan plan = sample.build();
    private final Action action = plan.actionOf(base);

    private Plan with(String field, Object value) {
        return plan.apply(Change.set(action, field, value));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GIMBAL | STILL | BREAK Nobody carries the camera. 1 of 0. Ada films alone and is in the action; somebody else would"
                        + " have to hold the gimbal. [Still, from the tripod]",
                "TRIPOD | PAN | BREAK Nobody turns the camera. 1 of 0. Ada films alone and is in the action; somebody else would"
                        + " have to make the pan. [Still, from the tripod]"
            })
    void whoever_films_alone(Support support, Move move, String said) {
        Plan alone = plan.apply(Change.set(plan.subjectOf(base), "films", true));

        assertThat(said(new FilmsAlone(), alone, base.with("support", support).with("move", move)))
                .isEqualTo(said);
    }

    @Test
    void whoever_films_alone_is_named_though_something_else_is_shown() {
        Plan alone = plan.apply(Change.set(plan.subjectOf(base), "films", true));
        Shot other = base.with("subjectId", Optional.of(sample.otherPerson())).with("support", Support.GIMBAL);

        new FilmsAlone()
                .judge(alone, other)
                .ifPresent(finding -> assertThat(finding.sentence()).startsWith("Ada films"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "TRIPOD | TILT | A tilt is in it; the frame with nothing in it is the same only where the camera is still.",
                "HAND_HELD | STILL | Hand-held is never twice in one place; a clean plate wants the camera locked off."
            })
    void a_plate_that_will_not_fit(Support support, Move move, String sentence) {
        Shot plate = base.with("cleanPlate", true).with("support", support).with("move", move);

        assertThat(said(new CleanPlate(), plan, plate))
                .isEqualTo("WATCH The clean plate will not fit. 1 of 0. " + sentence
                        + " [Locked off on the tripod, No clean plate]");
    }

    @Test
    void what_is_recorded_where_it_is_loud() {
        Plan loud = spot(plan, base, "noise", Noise.LOUD);
        String where =
                " is to be recorded at Hall, where it is loud: wind cover and a microphone close by, another hour or place,"
                        + " or the sound by itself. ";

        assertThat(said(new LoudPlace(), loud.apply(Change.set(action, "sound", "steps")), base))
                .isEqualTo("WATCH It is loud there. 1 of 0. steps" + where + "[No sound of it]");
        assertThat(said(new LoudPlace(), loud.apply(Change.set(action, "speech", true)), base))
                .isEqualTo("WATCH It is loud there. 1 of 0. Speech" + where + "[]");
    }

    @Test
    void who_goes_away_is_followed_and_who_comes_up_cannot_be() {
        Plan walks = with("speedMps", 1.2);
        // 2.4 m in two seconds, from 3.39: away from the camera to 5.79, sharp up to 3.65; towards it with 1.7 to
        // −0.01.
        assertThat(said(new FocusPull(), walks, base.with("bearingDeg", 180.0)))
                .startsWith("WATCH Pull the focus. 5.786 of 3.649.")
                .contains("Pull from 3.39 m to 5.79 m in 2 s: sharp ends at 3.65 m.");
        assertThat(said(new FocusPull(), with("speedMps", 1.7), base.with("bearingDeg", 0.0)))
                .startsWith("WATCH It comes too near to stay sharp. 0 of 3.16");
    }

    @ParameterizedTest
    @CsvSource({"LIQUID, true, true", "ROUND, true, false", "LIQUID, false, false"})
    void what_is_liquid_in_the_hands_flows_back(Form form, boolean thing, boolean said) {
        Use use = sample.use(base, 48);
        Plan backwards = sample.build()
                .apply(Change.batch(List.of(
                        Change.set(use, "frameStep", -1.0),
                        Change.set(action, "line", Line.NONE),
                        Change.set(action, "thing", thing ? "blend" : ""),
                        Change.set(action, "thingForm", form))));

        assertThat(said(new Backwards(), backwards, base).contains("what flows, burns or falls"))
                .isEqualTo(said);
    }

    @Test
    void between_people_whoever_is_looked_at_looks_back() {
        Action looks = sample.action(one -> one.with("line", Line.LOOK));
        sample.performer(looks, sample.otherPerson());
        Shot at = sample.shot(looks, one -> one.with("bearingDeg", 90.0).with("placement", Placement.RIGHT_THIRD));
        Plan two = sample.build();

        assertThat(said(new LeadRoom(), two, at)).contains("It goes left to right and stands in the right third");
        Shot of = at.with("subjectId", Optional.of(sample.otherPerson()));
        assertThat(said(new LeadRoom(), two, of))
                .as("the other looks the other way")
                .isEmpty();
        assertThat(said(new LeadRoom(), two, of.with("placement", Placement.LEFT_THIRD)))
                .contains("It goes right to left and stands in the left third");
        Plan travels = two.apply(Change.set(looks, "line", Line.TRAVEL));
        assertThat(said(new LeadRoom(), travels, of.with("placement", Placement.LEFT_THIRD)))
                .as("who walks along goes along")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"keyDeg, key", "fillDeg, fill", "backDeg, back light"})
    void a_lamp_in_the_picture_is_moved_out_of_it(String field, String name) {
        // Across from a camera at 30° it stands straight ahead.
        Shot lit = base.with(field, Optional.of(210.0));
        Finding finding = new LightInView().judge(plan, lit).orElseThrow();

        assertThat(finding.sentence()).startsWith("The %s stands 0° off the middle of the view".formatted(name));
        assertThat(finding.mends())
                .singleElement()
                .satisfies(mend -> assertThat(mend.label()).startsWith("Move the %s to ".formatted(name)));
        assertThat(new LightInView().judge(plan, base.with(field, Optional.of(120.0))))
                .isEmpty();
    }

    @Test
    void of_two_legs_the_one_that_comes_nearer_is_named() {
        Plan legs = plan.apply(Change.batch(List.of(
                new Change.Add(new Carrier(sample.id(), "Short legs", 1, Support.TRIPOD, 0.3, 1.0, 0)),
                new Change.Add(new Carrier(sample.id(), "Long legs", 2, Support.TRIPOD, 0.8, 1.6, 0)),
                new Change.Add(new Carrier(sample.id(), "Rail", 3, Support.SLIDER, 0.1, 3.0, 0.8)))));

        assertThat(said(new UnderTheCeiling(), legs, base.with("cameraHeightM", 1.8)))
                .isEqualTo(
                        "BREAK Past the support's reach. 1.8 of 1.6. Long legs holds the camera from 0.8 m to 1.6 m up. [Bring the"
                                + " camera to 1.6 m]");
        assertThat(said(new UnderTheCeiling(), legs, base.with("cameraHeightM", 0.2)))
                .startsWith("BREAK Past the support's reach. 0.2 of 0.3. Short legs holds");
        assertThat(said(new UnderTheCeiling(), legs, base.with("cameraHeightM", 1.3)))
                .isEmpty();
    }

    @Test
    void of_several_uses_the_worst_counts_and_stills_do_not() {
        Use brief = sample.use(base, 24);
        Use longer = sample.use(base, 72);
        Plan used = sample.build();
        Shot slides =
                base.with("move", Move.SLIDE).with("support", Support.SLIDER).with("moveM", 0.6);

        // 0.6 m in one second; in three it would do.
        assertThat(said(new MoveSpeed(), used, slides)).startsWith("BREAK The slider cannot move so fast. 0.6 of 0.5.");
        assertThat(said(new MoveSpeed(), used.apply(Change.set(brief, "frameStep", 0.0)), slides))
                .isEmpty();
        assertThat(said(new MoveSpeed(), used.apply(Change.set(brief, "frames", 30)), slides))
                .isEmpty();
        Plan walks = used.apply(Change.set(action, "speedMps", 0.5));
        // A medium's middle half, 0.831 m, at 0.5 m/s takes 1.66 s: three are too many, one is not.
        Shot crossed = base.with("bearingDeg", 90.0);
        assertThat(said(new QuickCrossing(), walks, crossed)).startsWith("WATCH Gone in 1.66 s. 3 of 1.662.");
        assertThat(said(new QuickCrossing(), walks.apply(Change.set(longer, "frames", 24)), crossed))
                .isEmpty();
    }

    @Test
    void a_master_of_a_performance_lasts_as_long_as_the_action() {
        Plan long40 = with("durationS", 40.0);
        Shot master = base.with("meant", Meant.MASTER);

        assertThat(ShotNumbers.of(long40, master).hold().cleanS()).isEqualTo(10);
        Plan performance = long40.apply(Change.set(long40.house(), "coverage", CoverageSchool.PERFORMANCE));
        assertThat(ShotNumbers.of(performance, master).hold().cleanS()).isEqualTo(40);
        assertThat(ShotNumbers.of(performance, base).hold().cleanS()).isEqualTo(10);
    }

    @Test
    void what_no_mode_records_is_counted_by_the_first() {
        Recording recording = Recording.of(plan, base.with("captureRate", FrameRate.of(100)));

        assertThat(recording.recordsRate()).isFalse();
        assertThat(recording.mode())
                .isEqualTo(plan.modesOf(plan.bodies().get(0)).get(0));
    }

    @Test
    void a_camera_over_the_line_is_offered_the_near_side() {
        Shot over = base.with("bearingDeg", 300.0);

        assertThat(OnTheGround.of(plan, over, List.of())).singleElement().satisfies(finding -> {
            assertThat(finding.sentence())
                    .isEqualTo("From there “%s” goes right to left; the side that is kept shows it left to right."
                            .formatted(action.name()));
            assertThat(finding.mends().get(0).label()).isEqualTo("Move it to the near side, the front right, 60°");
            assertThat(((Change.Set) finding.mends().get(0).change()).after()).isEqualTo(60.0);
        });
        assertThat(OnTheGround.of(plan, base, List.of())).isEmpty();
        assertThat(OnTheGround.of(with("line", Line.NONE), over, List.of())).isEmpty();
        assertThat(OnTheGround.of(with("side", Side.RIGHT_TO_LEFT), over, List.of()))
                .isEmpty();
        assertThat(OnTheGround.of(with("side", Side.RIGHT_TO_LEFT), base, List.of()))
                .hasSize(1);
    }

    @Test
    void of_all_that_is_said_only_places_are_shown_on_the_plan() {
        Plan tight = spot(spot(plan, base, "roomM", 2.0), base, "lux", 1.0);
        List<Finding> all = ShotRule.judgeAll(tight, base);

        assertThat(all).extracting(Finding::ruleId).contains("tight-room", "too-dark");
        assertThat(OnTheGround.of(tight, base, all))
                .extracting(Finding::ruleId)
                .contains("tight-room")
                .doesNotContain("too-dark");
    }

    @Test
    void too_close_is_mended_by_the_nearest_lens_that_reaches_and_by_a_punch_in() {
        // On its mark the 50 mm would stand at 0.05 · 50/14 + 0.1 + 0.05 · 14/50 = 0.293 m for five centimetres, and at
        // 0.309
        // for five and a half; it goes to 0.3. The 85 mm stands at 0.497.
        Shot close = base.with("insertHeightM", Optional.of(0.05)).with("size", Size.INSERT);

        assertThat(said(new TooClose(), plan, close))
                .startsWith("BREAK Too close for the 50 mm.")
                .contains("[Take the 85 mm, Punch in 1.1×]");
    }
}
