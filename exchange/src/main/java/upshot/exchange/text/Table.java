package upshot.exchange.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A CSV file with a header: fields separated by commas, semicolons or tabs, whichever the header uses.
 *
 * @param columns names in lower case
 * @param rows in order
 */
public record Table(List<String> columns, List<Row> rows) {

    private static final int MOST_ROWS = 5000;
    private static final int MOST_COLUMNS = 100;

    /** One row with the line of the file that it begins on. */
    public record Row(long line, Map<String, String> cells) {

        /** The cell's text, empty where there is none. */
        public String cell(String column) {
            return cells.getOrDefault(column, "").strip();
        }

        public String where() {
            return "Line " + line;
        }
    }

    /**
     * Reads a file.
     *
     * @throws Unreadable when it is no table, naming the line
     */
    public static Table read(byte[] bytes) {
        String text = Decoded.text(bytes);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(Stoppable.reader(text), format)) {
            return table(parser);
        } catch (UncheckedIOException | IOException | IllegalStateException broken) {
            throw new Unreadable("", "A quotation mark is opened and never closed, or stands inside a cell.");
        }
    }

    private static char delimiter(String text) {
        String header = text.lines().findFirst().orElse("");
        char best = ',';
        for (char candidate : new char[] {';', '\t'}) {
            if (header.chars().filter(one -> one == candidate).count()
                    > header.chars().filter(one -> one == ',').count()) {
                best = candidate;
            }
        }
        return best;
    }

    private static Table table(CSVParser parser) throws CSVException {
        List<String> columns = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        for (CSVRecord line : parser) {
            if (columns.isEmpty()) {
                line.forEach(name -> columns.add(name.strip().toLowerCase(Locale.ROOT)));
                checkColumns(columns);
            } else {
                rows.add(row(columns, line, parser.getCurrentLineNumber()));
                if (rows.size() > MOST_ROWS) {
                    throw new Unreadable("", "There are more than %d rows.".formatted(MOST_ROWS));
                }
            }
        }
        if (columns.isEmpty()) {
            throw new Unreadable("", "The file is empty.");
        }
        return new Table(columns, rows);
    }

    private static void checkColumns(List<String> columns) {
        if (columns.size() > MOST_COLUMNS || columns.stream().distinct().count() != columns.size()) {
            throw new Unreadable(
                    "Line 1", "The header has a name twice, or more than %d names.".formatted(MOST_COLUMNS));
        }
    }

    private static Row row(List<String> columns, CSVRecord line, long number) {
        if (line.size() > columns.size()) {
            throw new Unreadable(
                    "Line " + number, "There are %d cells under %d names.".formatted(line.size(), columns.size()));
        }
        Map<String, String> cells = new HashMap<>();
        for (int i = 0; i < line.size(); i++) {
            cells.put(columns.get(i), line.get(i));
        }
        return new Row(number, cells);
    }
}
