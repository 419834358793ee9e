package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.day.DayOrder;
import upshot.day.Merit;

/** The order that is shown before anybody searches, against every order there is. */
class ShownOrderTest {

    private static final int DAYS = 200;

    @Test
    void it_keeps_every_must_have_that_fits() {
        Random random = new Random(11);
        int crowded = 0;
        int fewer = 0;
        List<Double> dearer = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            Shoot shoot = Shoot.of(new RandomDays(1000 + day).plan(5 + day % 4, 0.4 + random.nextInt(14) / 10.0));
            DayOrder best = ExactOrder.of(shoot);
            DayOrder shown = ShootingOrder.of(shoot).order();
            Merit exact = best.merit();
            Merit merit = shown.merit();
            crowded += best.left().isEmpty() ? 0 : 1;

            assertThat(merit.brokenMin()).as("day %d", day).isZero();
            assertThat(merit.musts()).as("day %d", day).isBetween(exact.musts(), exact.musts() + 1);
            fewer += merit.musts() > exact.musts() ? 1 : 0;
            if (merit.musts() == exact.musts()
                    && merit.shoulds() == exact.shoulds()
                    && merit.bonuses() == exact.bonuses()) {
                dearer.add((double) merit.hundredths() / Math.max(1, exact.hundredths()));
            }
        }
        dearer.sort(Double::compare);

        assertThat(crowded).as("days in which not everything fits").isGreaterThanOrEqualTo(DAYS / 2);
        assertThat(fewer).as("days with a must less").isLessThanOrEqualTo(DAYS / 50);
        assertThat(dearer.get(dearer.size() / 2)).as("minutes in the median").isLessThanOrEqualTo(1.1);
    }
}
