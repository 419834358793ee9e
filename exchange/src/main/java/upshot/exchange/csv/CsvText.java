package upshot.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables for spreadsheets: RFC 4180, and no cell that one of them would run. */
public final class CsvText {

    /** What a spreadsheet would take for the start of a formula, in their narrow form. */
    private static final String RUNS = "=+-@|\t\r\n";

    private CsvText() {}

    /** The text of a table. */
    public static String of(List<String> header, List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(header);
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(CsvText::harmless).toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** The first character as a spreadsheet may read it: a full-width sign of equality is one too. */
    private static char narrow(String text) {
        String first = text.substring(0, 1);
        return Normalizer.normalize(first, Normalizer.Form.NFKC).charAt(0);
    }

    /** A cell that a spreadsheet would run gets an apostrophe in front, which makes it text. */
    static String harmless(String cell) {
        String begin = cell.stripLeading();
        boolean blankRuns = !begin.equals(cell) && RUNS.indexOf(cell.charAt(0)) >= 0;
        return blankRuns || !begin.isEmpty() && RUNS.indexOf(narrow(begin)) >= 0 ? "'" + cell : cell;
    }
}
