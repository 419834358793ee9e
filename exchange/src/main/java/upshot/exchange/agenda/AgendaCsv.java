package upshot.exchange.agenda;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Moment;
import upshot.exchange.text.Table;
import upshot.exchange.text.Unreadable;

/**
 * A table with a column for the time and one for what happens; a column for the end or the minutes, the date and a note
 * may stand beside them.
 */
public final class AgendaCsv {

    private static final List<String> TIME = List.of("time", "start", "starts", "from", "at");
    private static final List<String> END = List.of("end", "ends", "until", "to");
    private static final List<String> MINUTES = List.of("minutes", "min", "duration", "length");
    private static final List<String> NAME = List.of("what", "moment", "name", "title", "event", "item", "summary");
    private static final List<String> DATE = List.of("date", "day");
    private static final List<String> NOTE = List.of("note", "notes", "remark", "description");
    private static final double USUAL_MIN = 10;

    private AgendaCsv() {}

    /**
     * Reads a file.
     *
     * @throws Unreadable naming the line that is no moment
     */
    public static Agenda read(byte[] bytes, Agenda.Frame frame) {
        Table table = Table.read(bytes);
        String time = column(table, TIME).orElseThrow(() -> missing("time"));
        String name = column(table, NAME).orElseThrow(() -> missing("what"));
        List<Moment> moments = new ArrayList<>();
        for (Table.Row row : table.rows()) {
            Agenda.checkRoom(moments);
            moments.add(moment(table, row, time, name, frame));
        }
        if (moments.isEmpty()) {
            throw new Unreadable("", "The file has a header and no rows.");
        }
        return new Agenda(moments, List.of());
    }

    private static Unreadable missing(String column) {
        return new Unreadable("Line 1", "The header has no column “%s”.".formatted(column));
    }

    private static Optional<String> column(Table table, List<String> names) {
        return names.stream().filter(table.columns()::contains).findFirst();
    }

    private static String cell(Table table, Table.Row row, List<String> names) {
        return column(table, names).map(row::cell).orElse("");
    }

    private static Moment moment(Table table, Table.Row row, String time, String name, Agenda.Frame frame) {
        LocalTime start = time(row, row.cell(time));
        try {
            return new Moment(
                    frame.ids().get(),
                    row.cell(name),
                    date(cell(table, row, DATE), frame),
                    start,
                    minutes(table, row, start),
                    cell(table, row, NOTE));
        } catch (InvalidField wrong) {
            throw new Unreadable(row.where(), wrong.getMessage());
        } catch (DateTimeException noDate) {
            throw new Unreadable(row.where(), "“%s” is no date like 2026-10-09.".formatted(cell(table, row, DATE)));
        }
    }

    private static Optional<LocalDate> date(String typed, Agenda.Frame frame) {
        return typed.isEmpty() ? Optional.empty() : frame.dateOf(LocalDate.parse(typed));
    }

    private static double minutes(Table table, Table.Row row, LocalTime start) {
        String end = cell(table, row, END);
        if (!end.isEmpty()) {
            return Math.floorMod(Duration.between(start, time(row, end)).toMinutes(), 24 * 60L);
        }
        String typed = cell(table, row, MINUTES);
        try {
            return typed.isEmpty() ? USUAL_MIN : Double.parseDouble(typed.replace(',', '.'));
        } catch (NumberFormatException notANumber) {
            throw new Unreadable(row.where(), "“%s” is no number of minutes.".formatted(typed));
        }
    }

    private static LocalTime time(Table.Row row, String typed) {
        return Clock.parse(typed)
                .orElseThrow(() -> new Unreadable(row.where(), "“%s” is no time like 19:40.".formatted(typed)));
    }
}
