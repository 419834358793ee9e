package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import upshot.core.RandomDays;
import upshot.core.finding.Wording;
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
            String said = String.join(" ", words.of(slot));
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
}
