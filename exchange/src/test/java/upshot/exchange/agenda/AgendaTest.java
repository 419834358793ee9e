package upshot.exchange.agenda;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.plan.Moment;
import upshot.exchange.AsWritten;
import upshot.exchange.BrokenFiles;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

class AgendaTest {

    private static final LocalDate DAY = LocalDate.of(2026, 10, 25);
    private static final Agenda.Frame FRAME =
            new Agenda.Frame(Optional.of(DAY), ZoneId.of("Europe/London"), UUID::randomUUID);

    private static final String LINES = """
            # Open evening
            18:30 Doors open
            19:00-19:20 Welcome by the chair

            7.40pm Kiln opens, 10 min
            2026-10-26 09:00 Clearing up (2 hours)
            """;

    private static final String CSV =
            "Start,End,What,Note\r\n18:30,,Doors open,\"gate, left\"\r\n19:40,19:50,Kiln opens,\r\n";

    private static final String ICS = """
            BEGIN:VCALENDAR
            VERSION:2.0
            PRODID:-//Saltmarsh//Agenda//EN
            BEGIN:VEVENT
            UID:1@example
            DTSTAMP:20261001T120000Z
            DTSTART;TZID=America/New_York:20261025T143000
            DTEND;TZID=America/New_York:20261025T144500
            SUMMARY:A call to the other workshop that is long enough to be
              folded over two lines
            LOCATION:Kiln yard
            END:VEVENT
            BEGIN:VEVENT
            UID:2@example
            DTSTAMP:20261001T120000Z
            DTSTART:20261025T003000Z
            DURATION:PT15M
            SUMMARY:Before the clock goes back
            END:VEVENT
            BEGIN:VEVENT
            UID:3@example
            DTSTAMP:20261001T120000Z
            DTSTART;TZID=Europe/London:20260101T190000
            DTEND;TZID=Europe/London:20260101T193000
            RRULE:FREQ=DAILY
            SUMMARY:Lamps are lit
            END:VEVENT
            BEGIN:VEVENT
            UID:4@example
            DTSTAMP:20261001T120000Z
            DTSTART;VALUE=DATE:20261025
            SUMMARY:Market day
            END:VEVENT
            END:VCALENDAR
            """.replace("\n", "\r\n");

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void lines_are_read_with_their_lengths_and_dates() {
        assertThat(AgendaLines.read(LINES, FRAME).moments())
                .extracting(Moment::name, Moment::startTime, Moment::durationMin, Moment::date)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("Doors open", LocalTime.of(18, 30), 10.0, Optional.empty()),
                        org.assertj.core.groups.Tuple.tuple(
                                "Welcome by the chair", LocalTime.of(19, 0), 20.0, Optional.empty()),
                        org.assertj.core.groups.Tuple.tuple("Kiln opens", LocalTime.of(19, 40), 10.0, Optional.empty()),
                        org.assertj.core.groups.Tuple.tuple(
                                "Clearing up", LocalTime.of(9, 0), 120.0, Optional.of(LocalDate.of(2026, 10, 26))));
    }

    @ParameterizedTest
    @CsvSource({
        "'18:30 Doors\nsoon: Kiln', Line 2",
        "'18:30 Doors\n\n25:00 Kiln', Line 3",
        "'18:30', Line 1",
        "'2026-13-01 18:30 Doors', Line 1",
        "'19:00-25:10 Speech', Line 1"
    })
    void the_line_that_is_no_moment_is_named(String text, String line) {
        assertThatThrownBy(() -> AgendaLines.read(text, FRAME))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith(line);
    }

    @ParameterizedTest
    @ValueSource(strings = {"\n", "\r", "\r\n"})
    void any_line_end_will_do(String end) {
        assertThat(AgendaLines.read("18:30 Doors" + end + "19:40 Kiln", FRAME).moments())
                .hasSize(2);
        assertThat(AgendaCsv.read(bytes("time,what" + end + "18:30,Doors" + end + "19:40,Kiln" + end), FRAME)
                        .moments())
                .hasSize(2);
    }

    @Test
    void csv_is_read_with_quotes_a_mark_in_front_and_other_delimiters() {
        Agenda plain = AgendaCsv.read(bytes(CSV), FRAME);
        Agenda marked = AgendaCsv.read(
                bytes("\uFEFF" + CSV.replace("gate, left", "gate; left").replace(',', ';')), FRAME);

        assertThat(plain.moments()).extracting(Moment::note).containsExactly("gate, left", "");
        assertThat(plain.moments()).extracting(Moment::durationMin).containsExactly(10.0, 10.0);
        assertThat(marked.moments()).extracting(Moment::note).containsExactly("gate; left", "");
        assertThat(AgendaCsv.read(CSV.getBytes(StandardCharsets.UTF_16), FRAME).moments())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "'when,what\n18:30,Doors', Line 1",
        "'time,what\n18:30,Doors\nlater,Kiln', Line 3",
        "'time,what,minutes\n18:30,Doors,many', Line 2",
        "'time,what\n18:30,Doors,extra', Line 2",
        "'time,what\n18:30,', Line 2",
        "'time,time\n18:30,Doors', Line 1"
    })
    void the_row_that_is_no_moment_is_named(String text, String line) {
        assertThatThrownBy(() -> AgendaCsv.read(bytes(text), FRAME))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith(line);
    }

    @Test
    void latin_letters_in_the_wrong_encoding_are_refused_with_the_line() {
        byte[] wrong = "time,what\n18:30,Töpfer".getBytes(StandardCharsets.ISO_8859_1);

        assertThatThrownBy(() -> AgendaCsv.read(wrong, FRAME))
                .hasMessage("Line 2: This is not UTF-8 text. Save the file as UTF-8.");
    }

    @Test
    void events_are_read_by_the_place_s_clock_also_across_its_change() {
        Agenda agenda = AgendaIcs.read(bytes(ICS), FRAME);

        assertThat(agenda.moments())
                .extracting(Moment::name, Moment::startTime, Moment::durationMin)
                .containsExactly(
                        // In New York 14:30 summer time is 18:30 Greenwich, where the clock went back that night.
                        org.assertj.core.groups.Tuple.tuple(
                                "A call to the other workshop that is long enough to be folded over two lines",
                                LocalTime.of(18, 30),
                                15.0),
                        org.assertj.core.groups.Tuple.tuple("Before the clock goes back", LocalTime.of(1, 30), 15.0),
                        org.assertj.core.groups.Tuple.tuple("Lamps are lit", LocalTime.of(19, 0), 30.0),
                        org.assertj.core.groups.Tuple.tuple("Lamps are lit", LocalTime.of(19, 0), 30.0));
        assertThat(agenda.moments()).extracting(Moment::date).last().isEqualTo(Optional.of(DAY.plusDays(1)));
        assertThat(agenda.moments()).extracting(Moment::note).first().isEqualTo("Kiln yard");
        assertThat(agenda.leftOut()).singleElement().asString().contains("Market day");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "RRULE:FREQ=SECONDLY",
                "RRULE:FREQ=MINUTELY;INTERVAL=1",
                "RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30",
                "RRULE:FREQ=YEARLY;COUNT=999999999"
            })
    void a_rule_that_would_never_end_says_so_or_falls_on_no_day(String rule) {
        byte[] hostile = bytes(ICS.replace("RRULE:FREQ=DAILY", rule));
        try {
            assertThat(AgendaIcs.read(hostile, FRAME).leftOut()).anyMatch(reason -> reason.contains("Lamps are lit"));
        } catch (Unreadable reason) {
            assertThat(reason).hasMessageStartingWith("Event 3 (Lamps are lit)");
        }
    }

    @Test
    void one_that_has_been_repeating_for_ages_is_refused() {
        assertThatThrownBy(() -> AgendaIcs.read(bytes(ICS.replace("20260101T", "00010101T")), FRAME))
                .isInstanceOf(Unreadable.class);
    }

    @Test
    void broken_lines_are_refused_or_read_rightly() {
        BrokenFiles.refusedOrReadRightly(
                bytes(LINES), file -> AgendaLines.read(Decoded.text(file), FRAME), (file, agenda) -> {
                    List<String> lines = AsWritten.lines(AsWritten.text(file));
                    assertThat(agenda.moments()).hasSameSizeAs(lines);
                    for (int i = 0; i < lines.size(); i++) {
                        says(lines.get(i), agenda.moments().get(i));
                    }
                });
    }

    @Test
    void broken_tables_are_refused_or_read_rightly() {
        BrokenFiles.refusedOrReadRightly(bytes(CSV), file -> AgendaCsv.read(file, FRAME), (file, agenda) -> {
            List<List<String>> rows = AsWritten.rows(AsWritten.text(file));
            assertThat(agenda.moments()).hasSize(rows.size() - 1);
            for (int i = 1; i < rows.size(); i++) {
                assertThat(rows.get(i)).contains(agenda.moments().get(i - 1).name());
                says(String.join("\n", rows.get(i)), agenda.moments().get(i - 1));
            }
        });
    }

    private static void says(String written, Moment moment) {
        assertThat(written).contains(moment.name());
        AsWritten.time(written).ifPresent(time -> assertThat(moment.startTime()).isEqualTo(time));
    }

    @Test
    void broken_calendars_are_refused_or_read_rightly() {
        BrokenFiles.refusedOrReadRightly(bytes(ICS), file -> AgendaIcs.read(file, FRAME), (file, agenda) -> {
            Deque<Moment> rest = new ArrayDeque<>(agenda.moments());
            int leftOut = 0;
            for (WrittenEvent event : WrittenEvent.all(AsWritten.text(file))) {
                int times = 0;
                while (times < event.mostTimes() && !rest.isEmpty() && event.is(rest.peek())) {
                    event.startsLike(rest.remove(), FRAME);
                    times++;
                }
                leftOut += times == 0 ? 1 : 0;
            }
            assertThat(rest).as("moments of no event").isEmpty();
            assertThat(agenda.leftOut()).hasSize(leftOut);
        });
    }
}
