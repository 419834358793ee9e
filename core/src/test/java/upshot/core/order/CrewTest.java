package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.brief.Drafts;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.day.Minute;

/** Crews in minutes after the brief's call at nine. */
class CrewTest {

    private final SamplePlan sample = new SamplePlan();

    private Crew extra(int days, LocalTime call, LocalTime wrap) {
        return Crew.of(with(new ExtraCrew(sample.id(), "Second", 1, days, call, wrap, 1)))
                .get(1);
    }

    private Plan with(ExtraCrew crew) {
        return sample.build().apply(new Change.Add(crew));
    }

    @ParameterizedTest
    @CsvSource({
        "0, 10:30, 12:00, 90, 180",
        "0, 07:00, 12:00, -120, 180",
        "1, 09:00, 17:00, 1440, 1920",
        "2, 08:30, 10:00, 2850, 2940",
        "0, 20:00, 02:00, 660, 1020"
    })
    void with_and_without_a_date_a_day_has_1440_minutes(
            int days, LocalTime call, LocalTime wrap, int callMin, int wrapMin) {
        Crew undated = extra(days, call, wrap);
        assertThat(List.of(undated.callMin(), undated.wrapMin())).containsExactly(callMin, wrapMin);
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 6, 1)));
        Crew dated = extra(days, call, wrap);
        assertThat(List.of(dated.callMin(), dated.wrapMin())).containsExactly(callMin, wrapMin);
        assertThat(dated.date()).contains(LocalDate.of(2026, 6, 1).plusDays(days));
    }

    @Test
    void a_second_day_after_the_clock_goes_back_begins_an_hour_later() {
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 24))).brief("zone", "Europe/London");
        Crew sunday = extra(1, LocalTime.of(9, 0), LocalTime.of(17, 0));

        assertThat(sunday.callMin()).isEqualTo(25 * 60);
        assertThat(sunday.instant(LocalDate.of(2026, 10, 24), sunday.zone(), new Minute(25 * 60 + 30)))
                .isEqualTo("2026-10-25T09:30:00Z");
    }

    @Test
    void a_crew_of_the_same_day_takes_cameras_along_and_one_is_always_left() {
        Plan two = sample.build().apply(Drafts.add(sample.build(), RecordKind.BODY, "B", null, sample::id));

        assertThat(Crew.of(two).get(0).cameras()).isEqualTo(2);
        Plan lent = two.apply(
                new Change.Add(new ExtraCrew(sample.id(), "Second", 1, 0, LocalTime.of(9, 0), LocalTime.of(17, 0), 1)));
        assertThat(Crew.of(lent).get(0).cameras()).isEqualTo(1);
        Plan nextDay = two.apply(
                new Change.Add(new ExtraCrew(sample.id(), "Day 2", 1, 1, LocalTime.of(9, 0), LocalTime.of(17, 0), 2)));
        assertThat(Crew.of(nextDay)).extracting(Crew::cameras).containsExactly(2, 2);
        Plan all = two.apply(
                new Change.Add(new ExtraCrew(sample.id(), "Second", 1, 0, LocalTime.of(9, 0), LocalTime.of(17, 0), 2)));
        assertThat(Crew.of(all).get(0).cameras()).isEqualTo(1);
    }
}
