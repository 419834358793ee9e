package upshot.core.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.plan.Coordinates;
import upshot.core.plan.WantedLight;

/** Against sun-times.csv, which sun_times.py beside it made with another library. */
class SunDayTest {

    private static final Duration TOLERANCE = Duration.ofMinutes(2);

    private record Row(SunDay day, String altitude, String way, Instant at) {}

    static List<Row> rows() throws IOException {
        try (var file = SunDayTest.class.getResourceAsStream("sun-times.csv")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(line -> line.split(",", -1))
                    .map(cells -> new Row(
                            new SunDay(
                                    new Coordinates(Double.parseDouble(cells[1]), Double.parseDouble(cells[2])),
                                    LocalDate.parse(cells[4]),
                                    ZoneId.of(cells[3])),
                            cells[5],
                            cells[6],
                            cells[7].isEmpty() ? null : Instant.parse(cells[7])))
                    .toList();
        }
    }

    /** Where the sun passes an altitude that day; the day's own ends are no passing. */
    private static List<Instant> passings(SunDay day, String altitude, String way) {
        double degrees = switch (altitude) {
            case "up" -> SunDay.RISE_DEG;
            case "golden" -> SunDay.GOLDEN_TO_DEG;
            case "golden low" -> SunDay.GOLDEN_FROM_DEG;
            default -> SunDay.BLUE_FROM_DEG;
        };
        List<Instant> passings = new ArrayList<>();
        for (SunDay.Window window : day.windows(degrees, 90)) {
            if (!way.equals("sets") && !window.from().equals(day.begins())) {
                passings.add(window.from());
            }
            if (!way.equals("rises") && !window.until().equals(day.ends())) {
                passings.add(window.until());
            }
        }
        return passings;
    }

    @Test
    void the_figures_cover_six_places_one_south_one_polar_one_on_a_clock_change() throws IOException {
        assertThat(rows().stream().map(row -> row.day().place()).distinct()).hasSizeGreaterThanOrEqualTo(6);
        assertThat(rows()).anyMatch(row -> row.day().place().latitudeDeg() < 0);
        assertThat(rows()).anyMatch(row -> row.day().place().latitudeDeg() > 66.6);
        assertThat(rows())
                .anyMatch(row ->
                        !Duration.between(row.day().begins(), row.day().ends()).equals(Duration.ofDays(1)));
    }

    @ParameterizedTest
    @MethodSource("rows")
    void each_passing_is_within_two_minutes(Row row) {
        List<Instant> passings = passings(row.day(), row.altitude(), row.way());
        if (row.at() == null) {
            assertThat(passings).isEmpty();
        } else {
            assertThat(passings)
                    .singleElement()
                    .satisfies(at ->
                            assertThat(Duration.between(row.at(), at).abs()).isLessThan(TOLERANCE));
        }
    }

    @Test
    void under_the_midnight_sun_it_is_up_all_day_and_never_dark() {
        SunDay june = new SunDay(new Coordinates(69.65, 18.96), LocalDate.of(2026, 6, 10), ZoneId.of("Europe/Oslo"));

        assertThat(june.up()).containsExactly(new SunDay.Window(june.begins(), june.ends()));
        assertThat(june.dark()).isEmpty();
        assertThat(june.blue()).isEmpty();
        assertThat(june.golden()).hasSize(2);
    }

    @Test
    void golden_follows_blue_without_a_gap_and_wanted_lights_are_these_windows() {
        SunDay october =
                new SunDay(new Coordinates(52.63, 1.30), LocalDate.of(2026, 10, 9), ZoneId.of("Europe/London"));

        assertThat(october.blue().get(0).until())
                .isEqualTo(october.golden().get(0).from());
        assertThat(october.golden().get(1).until())
                .isEqualTo(october.blue().get(1).from());
        assertThat(october.windows(WantedLight.GOLDEN)).isEqualTo(october.golden());
        assertThat(october.windows(WantedLight.ANY))
                .containsExactly(new SunDay.Window(october.begins(), october.ends()));
    }

    @Test
    void a_day_on_which_the_clock_is_put_back_has_twenty_five_hours() {
        SunDay november =
                new SunDay(new Coordinates(40.71, -74.01), LocalDate.of(2026, 11, 1), ZoneId.of("America/New_York"));

        assertThat(Duration.between(november.begins(), november.ends())).isEqualTo(Duration.ofHours(25));
        assertThat(november.way(60)).hasSize(26);
    }

    @Test
    void at_noon_the_sun_stands_in_the_south_up_north_and_in_the_north_down_south() {
        SunDay norwich = new SunDay(new Coordinates(52.63, 1.30), LocalDate.of(2026, 10, 9), ZoneId.of("UTC"));
        SunDay cape = new SunDay(new Coordinates(-33.92, 18.42), LocalDate.of(2026, 10, 9), ZoneId.of("UTC"));

        assertThat(norwich.azimuthDeg(Instant.parse("2026-10-09T11:42:00Z"))).isBetween(178.0, 182.0);
        assertThat(cape.azimuthDeg(Instant.parse("2026-10-09T10:34:00Z")))
                .satisfiesAnyOf(
                        north -> assertThat(north).isLessThan(3),
                        north -> assertThat(north).isGreaterThan(357));
    }
}
