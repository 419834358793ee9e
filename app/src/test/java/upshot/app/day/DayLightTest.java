package upshot.app.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.light.SunDay;
import upshot.core.order.Crew;
import upshot.core.plan.Coordinates;

class DayLightTest {

    private static final SunDay NORWICH =
            new SunDay(new Coordinates(52.63, 1.30), LocalDate.of(2026, 10, 9), ZoneId.of("Europe/London"));

    private static Crew crew(int dayOffset, LocalTime call, int callMin) {
        return new Crew(
                0, Optional.empty(), "", dayOffset, Optional.empty(), ZoneOffset.UTC, call, callMin, callMin + 315, 1);
    }

    /** The call is at 15:30; golden from 17:28 to 18:34, blue to 18:47, to the minute as the windows of that day say. */
    private final DayLight light = new DayLight(NORWICH, crew(0, LocalTime.of(15, 30), 0));

    @Test
    void one_light_ends_where_the_next_begins() {
        assertThat(light.at(0)).isEqualTo("daylight");
        assertThat(light.at(117)).isEqualTo("daylight");
        assertThat(light.at(118)).isEqualTo("golden light");
        assertThat(light.at(183)).isEqualTo("golden light");
        assertThat(light.at(184)).isEqualTo("golden light");
        assertThat(light.at(185)).isEqualTo("blue hour");
        assertThat(light.at(190)).isEqualTo("blue hour");
        assertThat(light.at(198)).isEqualTo("dark");
        assertThat(light.at(314)).isEqualTo("dark");
        assertThat(light.changes())
                .extracting(DayLight.Change::name)
                .containsExactly("golden light", "blue hour", "dark");
        assertThat(light.changes().get(0).fromMin()).isEqualTo(118);
        assertThat(light.changes().get(0).untilMin()).isEqualTo(184);
    }

    @Test
    void a_strip_is_as_tall_as_its_minutes_until_it_folds_and_shows_every_light_in_it() {
        DayLight.Strip dusk = light.strip(114, 120);

        assertThat(dusk.heightPx()).isEqualTo(18);
        assertThat(dusk.parts())
                .containsExactly(new DayLight.Part("light-daylight", 0, 4), new DayLight.Part("light-golden", 4, 2));
        assertThat(light.strip(180, 200).parts())
                .extracting(DayLight.Part::style)
                .containsExactly("light-golden", "light-blue", "light-dark");
        assertThat(light.strip(0, 24).heightPx()).isEqualTo(72);
        assertThat(light.strip(0, 100).heightPx()).isEqualTo(72);
        assertThat(light.strip(150, 150)).isEqualTo(light.strip(150, 151));
    }

    @Test
    void the_next_day_has_a_sun_of_its_own_and_dark_does_not_end_at_midnight() {
        int callMin = 24 * 60;
        DayLight next = new DayLight(NORWICH, crew(1, LocalTime.of(15, 30), callMin));
        assertThat(next.changes().get(0).fromMin()).isBetween(callMin + 114, callMin + 117);

        DayLight night = new DayLight(NORWICH, crew(0, LocalTime.of(22, 0), 390));
        assertThat(night.strip(390, 705).parts()).containsExactly(new DayLight.Part("light-dark", 0, 315));
        assertThat(night.changes()).isEmpty();
    }
}
