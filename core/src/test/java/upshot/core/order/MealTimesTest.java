package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.day.DayClock;
import upshot.day.DayOrder;
import upshot.day.DayProblem;
import upshot.day.Pause;
import upshot.day.Rests;
import upshot.day.Windows;

/** People eat at noon and in the evening wherever there is a gap for it in the order that is shown. */
class MealTimesTest {

    private static final int DAYS = 60;

    private static boolean atMealTime(DayProblem problem, int minute) {
        return problem.rests().mealTimes().stream()
                .anyMatch(span -> span.fromMin() <= minute && minute <= span.untilMin());
    }

    /** Nobody eats twice at one meal time. */
    private static boolean another(DayProblem problem, List<Pause> before, int minute) {
        return problem.rests().mealTimes().stream()
                .filter(span -> span.fromMin() <= minute && minute <= span.untilMin())
                .anyMatch(span -> before.stream()
                        .anyMatch(meal -> span.fromMin() <= meal.fromMin() && meal.fromMin() <= span.untilMin()));
    }

    private static List<Pause> meals(DayOrder order) {
        return order.all().stream()
                .flatMap(state -> state.pauses().stream())
                .filter(pause -> pause.kind() == Pause.Kind.MEAL)
                .distinct()
                .toList();
    }

    /** The same order with the meals before as they are and the next at that minute, if it can be had. */
    private static boolean fits(DayOrder order, List<Pause> before, int minute) {
        DayProblem problem = order.problem();
        Rests rests = problem.rests();
        DayProblem asked = new DayProblem(
                problem.crews(),
                problem.setups(),
                problem.changes(),
                problem.people(),
                new Rests(
                        rests.talkMin(),
                        rests.breakAfterMin(),
                        rests.breakMin(),
                        rests.mealByMin(),
                        rests.mealMin(),
                        rests.mealNotBeforeMin(),
                        Stream.concat(before.stream().map(Pause::fromMin), Stream.of(minute))
                                .map(at -> new Windows.Span(at, at))
                                .toList()),
                problem.capacityMegabytes(),
                problem.margin(),
                problem.readyBeforeMin());
        DayOrder moved = DayOrder.of(new DayClock(asked), order.crews());
        return moved.merit().brokenMin() <= order.merit().brokenMin()
                && meals(moved).stream().anyMatch(meal -> meal.fromMin() == minute);
    }

    @Test
    void a_meal_lies_at_a_meal_time_wherever_one_can_be_had() {
        int meals = 0;
        int later = 0;
        List<String> missed = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            RandomDays days = new RandomDays(4000 + day);
            DayOrder order = ShootingOrder.of(Shoot.of(day % 2 == 0 ? days.workday(36 + day) : days.plan(30, 11)))
                    .order();
            DayProblem problem = order.problem();
            List<Pause> eaten = meals(order);
            meals += eaten.size();
            for (int i = 0; i < eaten.size(); i++) {
                if (!atMealTime(problem, eaten.get(i).fromMin())) {
                    List<Pause> before = eaten.subList(0, i);
                    int from = i == 0 ? 0 : eaten.get(i - 1).untilMin();
                    int gap = IntStream.rangeClosed(from + 120, from + 360)
                            .filter(minute -> atMealTime(problem, minute) && !another(problem, before, minute))
                            .filter(minute -> fits(order, before, minute))
                            .findFirst()
                            .orElse(-1);
                    if (gap >= 0) {
                        missed.add("day %d: meal %d at %d, not at %d"
                                .formatted(day, i + 1, eaten.get(i).fromMin(), gap));
                    }
                }
            }
            later += Math.max(0, eaten.size() - 1);
        }
        assertThat(later).as("second meals").isPositive();
        assertThat(meals).isGreaterThan(DAYS / 2);
        assertThat(missed).as("meals that could have been at a meal time").isEmpty();
    }
}
