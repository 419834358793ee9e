package upshot.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.Doubling;
import upshot.core.SamplePlan;
import upshot.core.brief.LineReader;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Plan;
import upshot.exchange.agenda.Agenda;
import upshot.exchange.agenda.AgendaCsv;
import upshot.exchange.agenda.AgendaIcs;
import upshot.exchange.agenda.AgendaLines;
import upshot.exchange.csv.ActionsCsv;
import upshot.exchange.json.PlanJson;
import upshot.exchange.midi.MidiTempo;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

/** Twice as much to read takes about twice as long, for the kinds of text on which readers are known to choke. */
class ParsersStayQuickTest {

    /** Below this the clock of a thread says more about the machine than about the reader. */
    private static final long LEAST_NANOS = 20_000_000;

    private static final Agenda.Frame FRAME =
            new Agenda.Frame(Optional.of(LocalDate.of(2026, 10, 9)), ZoneId.of("Europe/London"), UUID::randomUUID);

    /**
     * A text that grows.
     *
     * @param first how large it is at first; three doublings follow
     */
    record Growing(String name, int first, IntFunction<byte[]> of, Consumer<byte[]> read) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static Growing text(String name, int first, IntFunction<String> of, Consumer<byte[]> read) {
        return new Growing(name, first, size -> bytes(of.apply(size)), read);
    }

    private static String calendar(String inside) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n" + inside + "END:VCALENDAR\r\n";
    }

    private static final String EVENT =
            "BEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20261009T100000Z\r\nDTSTART:20261009T180000\r\n";

    static Stream<Growing> texts() {
        Consumer<byte[]> ics = file -> AgendaIcs.read(file, FRAME);
        Consumer<byte[]> lines = file -> AgendaLines.read(new String(file, StandardCharsets.UTF_8), FRAME);
        Consumer<byte[]> csv = file -> AgendaCsv.read(file, FRAME);
        Consumer<byte[]> actions = file -> ActionsCsv.table(file);
        Plan empty = new SamplePlan().build();
        return Stream.of(
                text("a line of commas", 100_000, size -> "19:40 " + ",".repeat(size), lines),
                text("lines of commas", 250, size -> ("19:40 a" + ",".repeat(380) + "1\n").repeat(size / 8), lines),
                text("lines that are nearly moments", 1000, size -> "# 19:40 - - - -\n".repeat(size), lines),
                text("quotation marks in a table", 100_000, size -> "time,what\n" + "\"\"".repeat(size), csv),
                text("cells in a table", 20_000, size -> "time,what\n" + ",".repeat(size), csv),
                text("rows of a table of actions", 600, size -> "action\n" + "Doors open\n".repeat(size), actions),
                text("names of columns", 20_000, size -> "a" + ",a".repeat(size), actions),
                text(
                        "folded lines of a calendar",
                        20_000,
                        size -> calendar(EVENT + "SUMMARY:a" + "\r\n a".repeat(size) + "\r\nEND:VEVENT\r\n"),
                        ics),
                text(
                        "parameters of a property",
                        10_000,
                        size -> calendar(EVENT + "SUMMARY" + ";X-A=b".repeat(size) + ":a\r\nEND:VEVENT\r\n"),
                        ics),
                text(
                        "properties of an event",
                        4_000,
                        size -> calendar(EVENT + "X-A:b\r\n".repeat(size) + "END:VEVENT\r\n"),
                        ics),
                text("components in components", 500, size -> calendar("BEGIN:X-A\r\n".repeat(size)), ics),
                text("brackets of a plan file", 200_000, "["::repeat, PlanJson::read),
                text("long names of a plan file", 200_000, size -> "{\"" + "a".repeat(size) + "\":1}", PlanJson::read),
                text(
                        "records of no kind",
                        20_000,
                        size -> "{\"format\":\"upshot-lane-plan\",\"version\":1,\"records\":{\"beat\":["
                                + "{},".repeat(size),
                        PlanJson::read),
                text("figures that never end", 200_000, size -> "{\"version\":" + "1".repeat(size), PlanJson::read),
                new Growing(
                        "events of a MIDI file",
                        30_000,
                        ParsersStayQuickTest::midi,
                        file -> MidiTempo.read(file, UUID::randomUUID)),
                text("lines before a fault", 100_000, size -> "a\n".repeat(size) + "\u0000", Decoded::text),
                text(
                        "actions of a table",
                        50,
                        size -> "action\n"
                                + Stream.iterate(0, i -> i + 1)
                                        .limit(size)
                                        .map(i -> "Doors " + i + " open\n")
                                        .reduce("", String::concat),
                        file -> ActionsCsv.read(ActionsCsv.table(file), empty, UUID::randomUUID)));
    }

    private static byte[] midi(int events) {
        byte[] event = {0, (byte) 0xff, 0x51, 3, 7, (byte) 0xa1, 0x20};
        ByteArrayOutputStream track = new ByteArrayOutputStream();
        for (int i = 0; i < events; i++) {
            track.writeBytes(event);
        }
        return ByteBuffer.allocate(22 + track.size())
                .put(bytes("MThd"))
                .putInt(6)
                .putShort((short) 0)
                .putShort((short) 1)
                .putShort((short) 96)
                .put(bytes("MTrk"))
                .putInt(track.size())
                .put(track.toByteArray())
                .array();
    }

    private static void read(Growing growing, byte[] text) {
        try {
            growing.read.accept(text);
        } catch (Unreadable refused) {
            assertThat(refused.getMessage()).hasSizeLessThan(600);
        }
    }

    @ParameterizedTest
    @MethodSource("texts")
    void twice_the_text_takes_at_most_three_times_as_long(Growing growing) {
        Doubling.holds(growing.name, growing.first, LEAST_NANOS, size -> {
            byte[] text = growing.of.apply(size);
            return () -> read(growing, text);
        });
    }

    /** What is typed is bounded before any pattern sees it: so the worst that can be typed is measured itself. */
    @Test
    void the_worst_line_and_the_worst_place_are_read_in_a_few_milliseconds() {
        LineReader reader = new LineReader(List.of("Ada", "Ben"), List.of("Hall", "Yard"));
        for (String word :
                List.of(" ", "1 ", "a ", ", ", "1,", "sound: ", "at at ", "1:1 ", "sets:a;", "s ", "l-", "\t")) {
            String line = word.repeat(LineReader.LONGEST).substring(0, LineReader.LONGEST);
            assertThat(Doubling.best(() -> reader.read(line))).as("“%s…”", word).isLessThan(400_000_000L);
        }
        for (int spaces : new int[] {40, 400, 400_000}) {
            String place = "1" + " ".repeat(spaces) + "x";
            assertThat(Doubling.best(() -> {
                        try {
                            Coordinates.parse(place);
                        } catch (IllegalArgumentException noPlace) {
                            assertThat(noPlace.getMessage()).hasSizeLessThan(300);
                        }
                    }))
                    .as("%d spaces", spaces)
                    .isLessThan(20_000_000L);
        }
    }

    @Test
    void events_that_repeat_at_every_hour_minute_and_second_are_counted_and_refused() {
        String all = Stream.iterate(0, i -> i + 1)
                .limit(60)
                .map(String::valueOf)
                .reduce((a, b) -> a + "," + b)
                .orElseThrow();
        String rule = "RRULE:FREQ=DAILY;BYHOUR=0,1,2,3,4,5,6,7,8,9;BYMINUTE=%s;BYSECOND=%s\r\n".formatted(all, all);
        List<String> hostile = List.of(
                rule,
                "RRULE:FREQ=SECONDLY\r\n",
                "RRULE:FREQ=DAILY;INTERVAL=0\r\n",
                "RRULE:FREQ=DAI\r\n\tLY;BYHOUR=0,1,2,3,4,5,6;BYMINUTE=1,2,3,4,5,6,7,8,9\r\n",
                "EXRULE:FREQ=MINUTELY\r\nRRULE:FREQ=DAILY\r\n",
                "RRULE:FREQ=DAILY;BYMONTHDAY=" + "1,".repeat(600) + "1\r\n");
        for (String one : hostile) {
            byte[] file =
                    bytes(calendar((EVENT.replace("20261009T18", "19950101T18") + one + "END:VEVENT\r\n").repeat(20)));
            assertThat(Doubling.best(() -> assertThat(catchThrowable(() -> AgendaIcs.read(file, FRAME)))
                            .isInstanceOf(Unreadable.class)))
                    .as(one)
                    .isLessThan(300_000_000L);
        }
        byte[] usual = bytes(calendar(
                (EVENT.replace("20261009T18", "20240101T18") + "RRULE:FREQ=DAILY;BYHOUR=18,20\r\nEND:VEVENT\r\n")
                        .repeat(20)));
        assertThat(AgendaIcs.read(usual, FRAME).moments()).isNotEmpty();
    }
}
