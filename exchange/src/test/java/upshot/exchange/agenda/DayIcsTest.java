package upshot.exchange.agenda;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.order.DayPlan;
import upshot.core.plan.Action;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

class DayIcsTest {

    private static final Instant MADE = Instant.parse("2026-10-01T12:00:00Z");

    /** Three setups from half past midnight on. */
    private static Plan night() {
        SamplePlan sample = new SamplePlan()
                .brief("zone", "Europe/London")
                .brief("callTime", LocalTime.of(0, 30))
                .brief("wrapTime", LocalTime.of(6, 0));
        Action action = sample.action(one -> one.with("name", "Kiln opens, \u00fcber; alles\\n"));
        sample.shot(action, 30);
        sample.shot(action, 90);
        sample.shot(sample.action(), 150);
        return sample.build();
    }

    private static String written(Plan plan, LocalDate date) {
        return DayIcs.write(plan.brief(), date, Verdict.of(plan).day(), MADE);
    }

    @Test
    void every_setup_is_an_event_that_is_read_back_at_its_own_minute() {
        Plan plan = night();
        LocalDate date = LocalDate.of(2026, 6, 12);
        DayPlan day = Verdict.of(plan).day();
        Agenda agenda = read(written(plan, date), date);

        assertThat(agenda.leftOut()).isEmpty();
        assertThat(agenda.moments()).hasSize(3).extracting(Moment::startTime).containsExactlyElementsOf(starts(day));
        assertThat(agenda.moments().get(0).name()).contains("\u00fcber");
        assertThat(agenda.moments())
                .extracting(Moment::durationMin)
                .containsExactlyElementsOf(day.slots().stream()
                        .map(slot -> (double) (slot.times().end().afterCall()
                                - slot.times().gettingReady().afterCall()))
                        .toList());
    }

    private static List<LocalTime> starts(DayPlan day) {
        return day.slots().stream()
                .map(slot -> LocalTime.of(0, 30)
                        .plusMinutes(slot.times().gettingReady().afterCall()))
                .toList();
    }

    @Test
    void in_the_night_in_which_clocks_go_back_minutes_are_minutes() {
        Plan plan = night();
        LocalDate date = LocalDate.of(2026, 10, 25);
        String calendar = written(plan, date);
        DayPlan.Slot first = Verdict.of(plan).day().slots().get(0);
        Instant call = Instant.parse("2026-10-24T23:30:00Z");

        assertThat(calendar)
                .contains("DTSTART:"
                        + stamp(call.plus(
                                Duration.ofMinutes(first.times().gettingReady().afterCall()))))
                .contains("DTEND:"
                        + stamp(call.plus(Duration.ofMinutes(first.times().end().afterCall()))))
                .contains("DTSTAMP:20261001T120000Z")
                .contains("UID:" + first.setup().first().id() + "@upshot-lane");
        assertThat(read(calendar, date).leftOut()).isEmpty();
    }

    private static String stamp(Instant at) {
        return at.toString().replaceAll("[-:]", "");
    }

    @Test
    void lines_are_folded_and_end_as_the_standard_asks() {
        String calendar = written(night(), LocalDate.of(2026, 6, 12));

        assertThat(calendar).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
        assertThat(calendar.split("\r\n"))
                .allSatisfy(line ->
                        assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75));
    }

    private static Agenda read(String calendar, LocalDate date) {
        return AgendaIcs.read(
                calendar.getBytes(StandardCharsets.UTF_8),
                new Agenda.Frame(Optional.of(date), ZoneId.of("Europe/London"), UUID::randomUUID));
    }
}
