package upshot.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.app.crew.CrewKey.Standing;
import upshot.app.store.CrewPhones.CrewPhone;
import upshot.core.SamplePlan;
import upshot.core.plan.Brief;
import upshot.core.plan.RecordKind;

class CrewHoursTest {

    private static final Instant ADMITTED = Instant.parse("2026-10-01T08:00:00Z");

    private static Standing standing(Brief brief, String takenBackAt, String now) {
        Optional<Instant> takenBack = Optional.ofNullable(takenBackAt).map(Instant::parse);
        CrewPhone phone = new CrewPhone(UUID.randomUUID(), UUID.randomUUID(), "B", ADMITTED, ADMITTED, takenBack);
        return CrewHours.standing(phone, brief, Instant.parse(now));
    }

    /** Lisbon is an hour ahead until 25 October 2026, 1:00 UTC. Wrap at 2:00 on that night is still 1:00 UTC. */
    private static Brief nightTheClocksGoBack() {
        Brief brief = new SamplePlan().build().brief();
        return on(brief.withZone("Europe/Lisbon"), Optional.of(LocalDate.of(2026, 10, 24)))
                .withCallTime(LocalTime.of(18, 0))
                .withWrapTime(LocalTime.of(23, 0));
    }

    private static Brief on(Brief brief, Optional<LocalDate> date) {
        return RecordKind.BRIEF.with(brief, "shootDate", date);
    }

    /** Wrap at 23:00 in Lisbon is 22:00 UTC; twelve hours on it is 10:00 UTC, whatever the clocks did. */
    @ParameterizedTest
    @CsvSource({
        "2026-10-25T09:59:59Z,HERE",
        "2026-10-25T10:00:00Z,ENDED",
        "2026-11-24T09:59:59Z,ENDED",
        "2026-11-24T10:00:00Z,OVER"
    })
    void a_phone_is_in_until_twelve_hours_after_wrap_by_the_clock_of_the_place(String now, Standing expected) {
        assertThat(standing(nightTheClocksGoBack(), null, now)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-10-24T19:59:59Z,HERE",
        "2026-10-24T20:00:00Z,ENDED",
        "2026-11-23T19:59:59Z,ENDED",
        "2026-11-23T20:00:00Z,OVER"
    })
    void or_until_it_is_taken_back(String now, Standing expected) {
        assertThat(standing(nightTheClocksGoBack(), "2026-10-24T20:00:00Z", now))
                .isEqualTo(expected);
    }

    @Test
    void being_taken_back_after_its_end_lets_nothing_in_for_longer() {
        assertThat(standing(nightTheClocksGoBack(), "2026-11-20T00:00:00Z", "2026-11-24T10:00:00Z"))
                .isEqualTo(Standing.OVER);
    }

    @ParameterizedTest
    @CsvSource({"2026-10-31T07:59:59Z,HERE", "2026-10-31T08:00:00Z,ENDED"})
    void without_a_date_it_is_in_for_thirty_days(String now, Standing expected) {
        Brief brief = on(new SamplePlan().build().brief(), Optional.empty());
        assertThat(standing(brief, null, now)).isEqualTo(expected);
    }
}
