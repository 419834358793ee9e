package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

/** From how high pictures are proposed, metres above the floor and what that costs. Ada is 1.70 m tall. */
class HeightsTest {

    private final SamplePlan sample = new SamplePlan();

    private static List<String> heights(Plan plan, Shot shot, View view) {
        return Heights.suiting(plan, shot, view)
                .map(one -> String.format(Locale.ROOT, "%.3f %.1f", one.upM(), one.cost()))
                .toList();
    }

    private static String at(double upM, double cost) {
        return String.format(Locale.ROOT, "%.3f %.1f", upM, cost);
    }

    @ParameterizedTest
    @CsvSource({
        "MEDIUM, 0, 1.530 0.0/1.105 0.2/0.340 1.6/1.836 1.8",
        "MEDIUM, 0.5, 2.030 0.0/1.605 0.2/0.840 1.6/2.336 1.8",
        "FULL, 0, 0.850 0.0/0.340 0.3/1.530 0.9",
        "CLOSE_UP, 0, 1.649 0.0/1.836 1.2"
    })
    void people_by_the_share_of_their_own_height_and_their_floor(Size size, double base, String expected) {
        Shot shot = sample.shot(sample.action(one -> one.with("baseHeightM", base)), one -> one.with("size", size));

        assertThat(String.join("/", heights(sample.build(), shot, View.ANY))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"LOW, 0.34", "EYE, 1.53", "HIGH, 1.836"})
    void a_height_that_is_asked_for(View view, double metres) {
        Shot shot = sample.shot(sample.action(), 60);

        assertThat(heights(sample.build(), shot, view)).containsExactly(at(metres, 0));
    }

    @Test
    void a_slope_that_is_asked_for_lies_over_what_is_aimed_at() {
        Shot shot = sample.shot(sample.action(), 60);
        Plan plan = sample.build();
        Stand stand = Stand.of(plan, shot);
        double aim = stand.framing().aimM();
        double away = stand.distanceM();

        assertThat(heights(plan, shot, View.FORTY_FIVE)).containsExactly(at(aim + away * Math.sqrt(0.5), 0));
        assertThat(heights(plan, shot, View.OVERHEAD))
                .containsExactly(at(aim + away * Math.sin(Math.toRadians(70)), 0));
        assertThat(heights(plan, shot, View.LEVEL)).containsExactly(at(aim, 0));
        assertThat(heights(plan, shot, View.TURNING)).containsExactly(at(aim, 0));
        Shot hands = shot.with("aim", Aim.HANDS).with("size", Size.CLOSE_UP);
        double handsM = 0.58 * 1.7;
        double near = Stand.of(plan, hands).distanceM();
        assertThat(heights(plan, hands, View.EYE)).containsExactly(at(handsM, 0));
        assertThat(heights(plan, hands, View.HIGH))
                .containsExactly(at(handsM + near * Math.sin(Math.toRadians(25)), 0));
        assertThat(heights(plan, hands, View.ANY))
                .containsExactly(
                        at(handsM + near * Math.sin(Math.toRadians(45)), 0),
                        at(handsM + near * Math.sin(Math.toRadians(25)), 0.2),
                        at(handsM + near * Math.sin(Math.toRadians(70)), 0.5),
                        at(handsM, 0.6));
    }

    @Test
    void feet_are_seen_from_the_floor_or_a_little_above() {
        Shot feet =
                sample.shot(sample.action(), one -> one.with("aim", Aim.FEET).with("size", Size.CLOSE_UP));
        Plan plan = sample.build();
        double up = Stand.of(plan, feet).distanceM() * Math.sin(Math.toRadians(25));

        assertThat(heights(plan, feet, View.ANY)).containsExactly("0.100 0.0", at(0.05 * 1.7 + up, 0.6));
    }

    @Test
    void a_thing_from_a_little_above_and_a_tall_one_from_where_people_stand() {
        Action jar = sample.action(one -> one.with("subjectId", sample.object()));
        Shot shot = sample.shot(jar, one -> one.with("size", Size.FULL));
        Plan plan = sample.build();
        double away = Stand.of(plan, shot).distanceM();

        assertThat(heights(plan, shot, View.ANY))
                .containsExactly(
                        at(0.2 + away * Math.sin(Math.toRadians(25)), 0),
                        at(0.2 + away * Math.sin(Math.toRadians(45)), 0.2),
                        at(0.2, 0.3),
                        at(0.2 + away * Math.sin(Math.toRadians(70)), 0.8));
        Plan metre = plan.apply(Change.set(plan.subjectOf(jar), "heightM", 1.0));
        assertThat(heights(metre, shot, View.ANY)).as("one metre is not tall").hasSize(4);
        Plan tall = plan.apply(Change.set(plan.subjectOf(jar), "heightM", 1.01));
        assertThat(heights(tall, shot, View.ANY)).hasSize(3).startsWith("1.500 0.0", "0.100 0.3");
        assertThat(heights(tall, shot.with("size", Size.MEDIUM).with("insertHeightM", Optional.empty()), View.ANY))
                .as("a part of it is looked at like a thing")
                .hasSize(4);
    }
}
