package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import upshot.core.ground.Likeness;
import upshot.core.house.CoverageSchool;
import upshot.core.house.SpeedSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FrameRates;
import upshot.core.plan.Mode;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.size.SizeClass;

/** What each school of coverage and of speed gets. */
class FillBySchoolTest extends FillOnSample {

    @ParameterizedTest
    @EnumSource(CoverageSchool.class)
    void each_school_is_filled_in_a_room_that_allows_it(CoverageSchool school) {
        UUID subject = school == CoverageSchool.PRODUCT ? sample.object() : sample.otherPerson();
        sample.action(one -> one.with("thing", "bowl").with("durationS", 25.0).with("subjectId", subject));
        Plan plan = school(sample.build(), school);
        Plan filled = plan.apply(fill(plan, sample));

        // A telling picture and two ways in and out each, of a product one; in a triad the telling one is one of three.
        int asked = switch (school) {
            case TRIAD, TRIAD_EACH_ACTION -> 5 + 2;
            case TRIPLE -> 5 + 9;
            case PERFORMANCE -> 5 + 8;
            case PRODUCT -> 3 + 4;
        };
        assertThat(Coverage.holes(plan)).hasSize(asked);
        assertThat(Coverage.holes(filled)).as(school.label()).isEmpty();
        List<Shot> shots = filled.shots();
        shots.forEach(one -> shots.stream()
                .filter(other -> other != one)
                .forEach(
                        other -> assertThat(Likeness.between(filled, one, other).clear())
                                .as("%s %s %s", school, one, other)
                                .isTrue()));
    }

    @Test
    void each_performer_gets_a_mid_and_a_close_under_one_master() {
        Action duet = sample.action(one -> one.with("thing", "bell").with("durationS", 20.0));
        sample.performer(duet, sample.otherPerson());
        Plan plan = school(sample.build(), CoverageSchool.PERFORMANCE);

        assertThat(Coverage.holes(plan))
                .filteredOn(hole -> hole.want() == Hole.Want.MASTER
                        || hole.want() == Hole.Want.PERFORMER
                        || hole.want() == Hole.Want.FRAGMENT)
                .extracting(Hole::sizeClass, Hole::view, Hole::performerId)
                .containsExactlyInAnyOrder(
                        tuple(SizeClass.WIDE, View.MASTER, Optional.empty()),
                        tuple(SizeClass.MID, View.ANY, Optional.of(duet.subjectId())),
                        tuple(SizeClass.DETAIL, View.ANY, Optional.of(duet.subjectId())),
                        tuple(SizeClass.MID, View.ANY, Optional.of(sample.otherPerson())),
                        tuple(SizeClass.DETAIL, View.ANY, Optional.of(sample.otherPerson())),
                        tuple(SizeClass.DETAIL, View.FRAGMENT, Optional.empty()),
                        tuple(SizeClass.DETAIL, View.FRAGMENT, Optional.empty()),
                        tuple(SizeClass.DETAIL, View.FRAGMENT, Optional.empty()));
        Plan filled = plan.apply(fill(plan, sample));
        assertThat(Coverage.holes(filled)).isEmpty();
        assertThat(filled.shots())
                .filteredOn(shot -> filled.subjectOf(shot).id().equals(sample.otherPerson()))
                .extracting(shot -> shot.size().sizeClass())
                .containsExactly(SizeClass.MID, SizeClass.DETAIL);
    }

    @ParameterizedTest
    @CsvSource({
        "SPARE, false, '', 24, 24",
        "SPARE, true, '', 24, 120",
        "VARIED, false, '', 24, 48",
        "VARIED, true, '', 120, 120",
        "HIGH_FOR_OPTIONS, false, '', 48, 48",
        "HIGH_FOR_OPTIONS, true, '', 120, 120",
        "HIGH_FOR_OPTIONS, true, 'the chair speaks', 24, 24"
    })
    void the_rate_follows_the_school(SpeedSchool school, boolean quick, String sound, int mid, int detail) {
        sample.action(one ->
                one.with("spotId", sample.nextSpot()).with("quick", quick).with("sound", sound));
        Plan plan = bright(sample.build());
        Plan slow = plan.house().speed() == school ? plan : plan.apply(Change.set(plan.house(), "speed", school));
        Plan filled = slow.apply(fill(slow, sample));

        assertThat(rateOf(filled, SizeClass.MID)).isEqualTo(mid);
        assertThat(rateOf(filled, SizeClass.DETAIL)).isEqualTo(detail);
    }

    private static Plan bright(Plan plan) {
        Plan sunny = plan.apply(Change.set(plan.spots().get(1), "lux", 20_000.0));
        Mode mode = sunny.list(RecordKind.MODE).get(0);
        return sunny.apply(Change.set(mode, "rates", FrameRates.parse("24, 48, 120")));
    }

    private static double rateOf(Plan plan, SizeClass sizeClass) {
        return plan.shots().stream()
                .filter(shot -> shot.size().sizeClass() == sizeClass)
                .findFirst()
                .orElseThrow()
                .captureRate()
                .perSecond();
    }
}
