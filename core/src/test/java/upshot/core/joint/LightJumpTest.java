package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;
import upshot.core.size.Size;
import upshot.core.verdict.Verdict;

/** On 9 October at 52.63 N 1.30 E: 30.7° up at 11:42 UTC, below 10° from about 15:45, below 6° from about 16:25. */
class LightJumpTest extends JointOnSample {

    private final Action outside = sample.action(one -> one.with("spotId", sample.nextSpot()));

    private Plan twoShots() {
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)))
                .brief("callTime", LocalTime.of(8, 0))
                .brief("wrapTime", LocalTime.of(23, 0));
        sample.use(sample.shot(outside, 30));
        sample.use(sample.shot(outside, 90));
        return sample.build();
    }

    /**
     * Getting ready for the two setups at given times, whatever the order would have been. The first rolls three minutes
     * later, for the tripod, the second one, for its stand.
     */
    private static Optional<Finding> at(Plan plan, LocalTime first, LocalTime second) {
        return judged(plan.apply(Change.batch(List.of(
                new Change.Add(turn(plan.shots().get(0), Optional.of(first), false)),
                new Change.Add(turn(plan.shots().get(1), Optional.of(second), false))))));
    }

    private static Optional<Finding> judged(Plan plan) {
        return JointOnSample.at(new LightJump(), PaperCut.of(plan), 0);
    }

    private static Turn turn(Shot shot, Optional<LocalTime> pinned, boolean letGo) {
        return new Turn(UUID.randomUUID(), shot.id(), Optional.empty(), 1, pinned, letGo);
    }

    @ParameterizedTest
    @CsvSource({
        // The sun goes 15° an hour: 10° of arc take 40 min and a little more off the equator.
        "11:20, 11:58, ''",
        "11:00, 12:00, The sun has moved.",
        // Low it goes as far, but its colour changes more quickly.
        "15:50, 16:07, ''",
        "15:50, 16:08, The light has changed.",
        "15:00, 16:40, Golden and not golden.",
        "16:30, 16:40, ''",
        "18:30, 19:50, ''",
        "17:40, 18:30, The sun has moved."
    })
    void neighbours_are_lit_alike_for_so_long(LocalTime first, LocalTime second, String expected) {
        Plan plan = twoShots();

        assertThat(at(plan, first, second).map(Finding::title).orElse("")).isEqualTo(expected);
        assertThat(at(plan, second, first).map(Finding::title).orElse(""))
                .as("in either order")
                .isEqualTo(expected);
    }

    @Test
    void indoors_elsewhere_and_without_a_sun_to_ask_nothing_is_said() {
        Plan plan = twoShots();
        LocalTime noon = LocalTime.of(11, 0);
        LocalTime evening = LocalTime.of(16, 40);

        assertThat(at(plan, noon, evening)).isPresent();
        assertThat(at(plan.apply(Change.set(plan.spots().get(1), "outdoors", false)), noon, evening))
                .isEmpty();
        assertThat(at(plan.apply(Change.set(plan.brief(), "shootDate", Optional.empty())), noon, evening))
                .isEmpty();
        assertThat(judged(plan.apply(new Change.Add(turn(plan.shots().get(0), Optional.empty(), true)))))
                .as("where one is not shot")
                .isEmpty();
    }

    @Test
    void a_roof_between_two_pictures_of_a_walker_is_not_compared_in_its_shadows() {
        Plan plan = twoShots();
        LocalTime noon = LocalTime.of(11, 0);
        LocalTime evening = LocalTime.of(16, 40);
        Change.Set roof = Change.set(plan.shots().get(1), "subjectId", Optional.of(sample.object()));

        assertThat(at(plan, noon, evening)).isPresent();
        assertThat(at(plan.apply(roof), noon, evening)).isEmpty();
        // Two wide pictures that look the same way show one and the same ground.
        Plan wide = plan.apply(Change.batch(List.of(
                roof,
                Change.set(plan.shots().get(0), "size", Size.WIDE),
                Change.set(plan.shots().get(1), "size", Size.WIDE),
                Change.set(plan.shots().get(1), "bearingDeg", 35.0))));
        assertThat(at(wide, noon, evening)).isPresent();
    }

    @Test
    void a_verdict_that_keeps_the_joint_judges_its_light_again_where_the_times_have_moved() {
        Plan plan = twoShots();
        Turn late = turn(plan.shots().get(1), Optional.of(LocalTime.of(11, 58)), false);
        Plan alike = plan.apply(Change.batch(List.of(
                new Change.Add(turn(plan.shots().get(0), Optional.of(LocalTime.of(11, 20)), false)),
                new Change.Add(late))));
        Plan later = alike.apply(Change.set(late, "pinnedTime", Optional.of(LocalTime.of(13, 0))));

        assertThat(Verdict.of(later).joints()).isNotEqualTo(Verdict.of(alike).joints());
    }
}
