package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.SamplePlan;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;
import upshot.day.Cost;

/** The words of why a setup stands where it does say the minutes that were counted, and no others. */
class WhysTest {

    private static final Pattern MINUTES = Pattern.compile("([0-9.]+) min");

    /** What the sentence on a cost begins or goes on with. */
    private static final Map<Cost, String> WORDS = Map.of(
            Cost.WAITING, "The crew waits %s min",
            Cost.KEPT_WAITING, "kept waiting before it, which counts %s min",
            Cost.EFFORT, "%s min longer without a rest",
            Cost.DRIFT, "The light has moved on since this was shot before, which counts %s min",
            Cost.OUT_OF_TURN, "comes before it, which counts %s min");

    @RepeatedTest(20)
    void minutes_in_words_are_those_of_the_matches(RepetitionInfo run) {
        DayPlan day = ShootingOrder.of(new RandomDays(run.getCurrentRepetition()).plan(14, 6));
        Whys words = new Whys(day);
        for (DayPlan.Slot slot : day.slots()) {
            String said = words.of(slot).stream()
                    .filter(one -> !one.contains("taken up again"))
                    .collect(Collectors.joining(" "));
            List<String> counted = new ArrayList<>();
            for (Cost cost : Cost.values()) {
                int hundredths = slot.state().hundredths(cost);
                String minutes = Wording.number(hundredths / 100.0, 1);
                counted.add(minutes);
                if (WORDS.containsKey(cost) && hundredths > 0) {
                    assertThat(said).contains(WORDS.get(cost).formatted(minutes));
                }
            }
            Matcher found = MINUTES.matcher(said.replaceAll("has had [0-9]+ min of rest", ""));
            while (found.find()) {
                assertThat(counted)
                        .as("seed %d, setup %d: %s", run.getCurrentRepetition(), slot.number(), said)
                        .contains(found.group(1));
            }
        }
    }

    @RepeatedTest(20)
    void what_getting_ready_goes_into_adds_up_to_what_is_counted(RepetitionInfo run) {
        DayPlan day = ShootingOrder.of(new RandomDays(run.getCurrentRepetition()).plan(14, 6));
        Whys words = new Whys(day);

        assertThat(day.slots())
                .allSatisfy(slot -> assertThat(SpentMinutes.total(words.gettingReady(slot)))
                        .isCloseTo(slot.state().hundredths(Cost.GETTING_READY) / 100.0, within(0.02)));
    }

    @Test
    void an_action_that_was_left_is_laid_out_again() {
        SamplePlan sample = new SamplePlan();
        Action baking = sample.action(one -> one.with("resetMin", 7.0));
        Shot first = sample.shot(baking, 30);
        Shot between = sample.shot(sample.action(), 30);
        Shot again = sample.shot(baking, 90);
        Plan plan = sample.build();
        Plan written = plan.apply(Change.batch(Stream.of(first, between, again)
                .map(shot -> (Change) new Change.Add(
                        new Turn(sample.id(), shot.id(), Optional.empty(), shot.rank(), Optional.empty(), false)))
                .toList()));
        DayPlan day = ShootingOrder.of(written);

        assertThat(new Whys(day).gettingReady(day.slots().get(2)))
                .extracting(SpentMinutes::label, SpentMinutes::minutes)
                .containsExactly(
                        tuple("Another action", 3.0),
                        tuple("New stand", 1.5),
                        tuple("Lay “%s” out again".formatted(baking.name()), 7.0));
        assertThat(new Whys(day).gettingReady(day.slots().get(0)))
                .extracting(SpentMinutes::label)
                .containsExactly("Rig the tripod");
    }
}
