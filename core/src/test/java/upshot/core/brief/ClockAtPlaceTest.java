package upshot.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.plan.Coordinates;

class ClockAtPlaceTest {

    /** Vigo in July keeps +2 by law and +1 without summer time; at 180° the date line is no distance. */
    @ParameterizedTest
    @CsvSource({
        "Europe/London, 0, 0",
        "Europe/London, 37.5, 2.5",
        "Europe/Madrid, -8.7, 1.58",
        "Pacific/Auckland, 174.76, 0.349",
        "Pacific/Apia, -171.8, 0.453",
        "Europe/London, 174.76, 11.651",
        "Europe/London, -174.76, 11.651",
        "Asia/Shanghai, 75.99, 2.934"
    })
    void a_clock_is_held_against_the_mean_sun(String zone, double longitudeDeg, double hours) {
        assertThat(ClockAtPlace.hoursFromSun(
                        ZoneId.of(zone), new Coordinates(10, longitudeDeg), LocalDate.of(2026, 7, 3)))
                .isCloseTo(hours, within(0.001));
    }
}
