package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Plan;

/** On 9 October at 52.63 N 1.30 E: 30.7° up at 11:42 UTC, below 10° from about 15:45, below 6° from about 16:25. */
class LightJumpTest extends JointOnSample {

    private final Action outside = sample.action(one -> one.with("spotId", sample.nextSpot()));

    private Plan twoShots() {
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)))
                .brief("callTime", LocalTime.of(8, 0));
        sample.use(sample.shot(outside, 30));
        sample.use(sample.shot(outside, 90));
        return sample.build();
    }

    /** The two setups at given minutes after the call, whatever the order would have been. */
    private static Optional<Finding> at(Plan plan, LocalTime first, LocalTime second) {
        List<Setup> setups = Setup.of(plan);
        int one = first.toSecondOfDay() / 60 - 480;
        int other = second.toSecondOfDay() / 60 - 480;
        DayPlan day = new DayPlan(
                List.of(
                        new DayPlan.Slot(1, setups.get(0), one, one + 5, false, List.of(), ""),
                        new DayPlan.Slot(2, setups.get(1), other, other + 5, false, List.of(), "")),
                List.of(),
                15,
                0);
        return new LightJump(plan.brief(), day).judge(PaperCut.of(plan), 0);
    }

    @ParameterizedTest
    @CsvSource({
        // The sun goes 15° an hour: 10° of arc take 40 min and a little more off the equator.
        "11:20, 11:58, ''",
        "11:00, 12:00, The sun has moved.",
        // Low it goes as far, but its colour changes more quickly.
        "15:50, 16:05, ''",
        "15:50, 16:06, The light has changed.",
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
        assertThat(new LightJump(plan.brief(), new DayPlan(List.of(), List.of(), 15, 0)).judge(PaperCut.of(plan), 0))
                .as("without an order")
                .isEmpty();
    }
}
