package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.finding.Wording;
import upshot.day.DayOrder;
import upshot.day.DayState;

/** An action that is left and taken up again has a reason on the page, and what the reason says happens when it is tried. */
class TakenUpAgainTest {

    private static final String SAID = "is taken up again here";

    private final Map<String, Integer> reasons = new TreeMap<>();

    @Test
    void every_reason_in_generated_days_is_true() {
        for (int seed = 1; seed <= 10; seed++) {
            check(seed, ShootingOrder.of(new RandomDays(seed).plan(16, 5)));
            check(seed, ShootingOrder.of(new RandomDays(seed).workday(24)));
        }

        assertThat(reasons.keySet()).containsExactly("breaks", "costs");
    }

    private void check(int seed, DayPlan day) {
        Whys words = new Whys(day);
        for (DayPlan.Slot slot : day.slots()) {
            List<String> said =
                    words.of(slot).stream().filter(one -> one.contains(SAID)).toList();
            List<Integer> own = day.order().crews().get(slot.crew().index());
            int place = own.indexOf(slot.state().setup());
            int left = place - 1;
            while (left >= 0 && !isOf(day, own.get(left), slot)) {
                left--;
            }
            if (left < 0 || left == place - 1) {
                assertThat(said).as("seed %d", seed).isEmpty();
                continue;
            }
            assertThat(said).as("seed %d", seed).hasSize(1);
            List<Integer> together = new ArrayList<>(own);
            boolean timed = slot.fixed() || slot.pinned();
            int moved = together.remove(timed ? left : place);
            together.add(timed ? place - 1 : left + 1, moved);
            holds(said.get(0), day, slot.crew().index(), together);
        }
    }

    private static boolean isOf(DayPlan day, int setup, DayPlan.Slot slot) {
        return day.shoot().setups().get(setup).action().equals(slot.setup().action());
    }

    private void holds(String said, DayPlan day, int crew, List<Integer> together) {
        List<List<Integer>> crews = new ArrayList<>(day.order().crews());
        crews.set(crew, together);
        DayOrder tried = DayOrder.of(day.order().clock(), crews);
        int more = tried.merit().hundredths() - day.order().merit().hundredths();
        if (tried.merit().brokenMin() > day.order().merit().brokenMin()) {
            assertThat(said).doesNotContain("as they count", "as well");
            assertThat(tried.states().get(crew).stream().anyMatch(state -> broken(state, said)))
                    .as(said)
                    .isTrue();
            reasons.merge("breaks", 1, Integer::sum);
        } else {
            assertThat(more).as(said).isPositive();
            assertThat(said)
                    .endsWith(
                            "would cost the day %s min more as they count.".formatted(Wording.number(more / 100.0, 1)));
            reasons.merge("costs", 1, Integer::sum);
        }
    }

    /** Whether what breaks at a setup is what is said. */
    private static boolean broken(DayState state, String said) {
        return state.breaches().stream().anyMatch(breach -> switch (breach.limit()) {
            case WRAP -> said.contains("would end %d min after the wrap".formatted(breach.minutes()));
            case HOURS -> said.contains("would lie outside its hours");
            case MOMENT -> said.contains("would not be ready for its moment, by %d min".formatted(breach.minutes()));
            case PINNED -> said.contains("would begin %d min later than it is pinned".formatted(breach.minutes()));
            case ONCE -> said.contains("would not be in the one run that there is");
            case BEFORE -> said.contains("would come before something that has to come first");
            case TWO_PLACES -> said.contains("would put somebody in two places");
        });
    }
}
