package upshot.core.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Skyline;
import upshot.core.light.SunHours.Stretch;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;

/**
 * At the equator on the day of equal night the sun rises due east and climbs 15° an hour; at 0° east it is highest at 12:07,
 * by the equation of time, and was level at 6:07.
 */
class SunHoursTest {

    private static final SunDay DAY = new SunDay(new Coordinates(0, 0), LocalDate.of(2026, 3, 20), ZoneOffset.UTC);

    private static final Skyline OPEN = new Skyline(floor(), new Corner(2, 2));

    private static void near(LocalTime time, int hour, int minute) {
        assertThat(Math.abs(ChronoUnit.MINUTES.between(time, LocalTime.of(hour, minute))))
                .as("%s, expected near %d:%02d", time, hour, minute)
                .isLessThanOrEqualTo(1);
    }

    private static FloorPlan floor(Standing... things) {
        SamplePlan sample = new SamplePlan();
        Spot spot = sample.build().spots().get(1);
        Plan plan = sample.build();
        for (Standing one : things) {
            plan = plan.apply(new Change.Add(new Standing(
                    one.id(), spot.id(), 1, one.name(), one.what(), one.corners(), one.heightM(), "", "")));
        }
        return FloorPlan.of(plan, spot);
    }

    private static Standing wall(double heightM) {
        SamplePlan ids = new SamplePlan();
        return new Standing(
                ids.id(),
                ids.id(),
                1,
                "wall",
                Standing.Kind.FURNITURE,
                Outline.parse("4 -9, 5 -9, 5 9, 4 9"),
                heightM,
                "",
                "");
    }

    /** The hours at which it is lit at all, from whichever side. */
    private static List<Stretch<Boolean>> sunlit(Skyline skyline, double facingDeg) {
        List<Stretch<Boolean>> lit = new ArrayList<>();
        for (Stretch<SunOnView.From> one : SunHours.sides(DAY, skyline, facingDeg, 0)) {
            boolean now = one.what() != SunOnView.From.NOWHERE;
            int last = lit.size() - 1;
            if (last >= 0 && lit.get(last).what() == now) {
                lit.set(last, new Stretch<>(now, lit.get(last).from(), one.until()));
            } else {
                lit.add(new Stretch<>(now, one.from(), one.until()));
            }
        }
        return lit;
    }

    /** Two metres to the east it is 2 m high: up to 45°, which the sun passes at 9:07. */
    @Test
    void the_shade_of_a_wall_ends_when_the_sun_is_above_it() {
        List<Stretch<Boolean>> hours = sunlit(new Skyline(floor(wall(2)), new Corner(2, 2)), 0);
        assertThat(hours).extracting(Stretch::what).containsExactly(false, true, false);
        near(hours.get(1).from(), 9, 7);
        near(hours.get(1).until(), 18, 7);
    }

    @Test
    void with_nothing_there_it_is_in_the_sun_from_rise_to_set_and_what_one_stands_on_casts_no_shade() {
        List<Stretch<Boolean>> open = sunlit(new Skyline(floor(), new Corner(2, 2)), 0);
        near(open.get(1).from(), 6, 7);
        assertThat(sunlit(new Skyline(floor(wall(2)), new Corner(4.5, 2)), 0)).isEqualTo(open);
    }

    /** Turned by 180° the wall stands in the west. */
    @Test
    void the_way_the_spot_faces_counts() {
        List<Stretch<Boolean>> hours = sunlit(new Skyline(floor(wall(2)), new Corner(2, 2)), 180);
        near(hours.get(1).from(), 6, 7);
        near(hours.get(1).until(), 15, 7);
    }

    /** A camera in the west looks at the rising sun; above 50°, from 9:27 to 14:47, it is top light. */
    @Test
    void sides_follow_each_other() {
        List<Stretch<SunOnView.From>> sides = SunHours.sides(DAY, OPEN, 0, 270);
        assertThat(sides)
                .extracting(Stretch::what)
                .containsExactly(
                        SunOnView.From.NOWHERE,
                        SunOnView.From.BEHIND,
                        SunOnView.From.ABOVE,
                        SunOnView.From.FRONT,
                        SunOnView.From.NOWHERE);
        near(sides.get(2).from(), 9, 27);
        near(sides.get(2).until(), 14, 47);
    }

    @Test
    void a_day_of_another_length_ends_at_midnight() {
        SunDay turned = new SunDay(new Coordinates(52, 1), LocalDate.of(2026, 10, 25), ZoneId.of("Europe/London"));
        List<Stretch<SunOnView.From>> sides = SunHours.sides(turned, OPEN, 0, 0);
        assertThat(sides.get(0).from()).isEqualTo(LocalTime.MIDNIGHT);
        assertThat(sides.get(sides.size() - 1).until()).isEqualTo(LocalTime.MIDNIGHT);
        assertThat(Optional.of(sides.get(1).from())).hasValueSatisfying(rise -> near(rise, 6, 44));
    }
}
