package upshot.exchange;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a file plainly says, read in another way than the importers read it: enough to see that nothing was taken twice,
 * left out or given another time. Only for files that an importer has accepted.
 */
public final class AsWritten {

    private static final Pattern TIME = Pattern.compile("(?<![\\d:])(\\d{1,2})[:h](\\d{2})(?!\\d)");

    private AsWritten() {}

    /** Without a byte order mark. */
    public static String text(byte[] file) {
        boolean wide = file.length > 1 && (file[0] & 0xff) >= 0xfe && (file[1] & 0xff) >= 0xfe;
        Charset charset = wide ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
        return new String(file, charset).replaceFirst("^\uFEFF", "");
    }

    /** Lines with something on them that are no remark. */
    public static List<String> lines(String text) {
        return text.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty() && !line.startsWith("#"))
                .toList();
    }

    /** The rows of a table, the header first: a quotation mark switches whether line ends and delimiters count. */
    public static List<List<String>> rows(String text) {
        String header = text.lines().findFirst().orElse("");
        char delimiter = ',';
        for (char other : new char[] {';', '\t'}) {
            delimiter = count(header, other) > count(header, ',') ? other : delimiter;
        }
        List<List<String>> rows = new ArrayList<>();
        List<String> row = new ArrayList<>();
        StringBuilder cell = new StringBuilder();
        boolean quoted = false;
        for (char one : (text + "\n").toCharArray()) {
            boolean lineEnd = !quoted && (one == '\n' || one == '\r');
            quoted ^= one == '"';
            if (lineEnd || !quoted && one == delimiter) {
                row.add(unquoted(cell.toString().strip()));
                cell.setLength(0);
            } else {
                cell.append(one);
            }
            if (lineEnd) {
                if (row.size() > 1 || !row.get(0).isEmpty()) {
                    rows.add(row);
                }
                row = new ArrayList<>();
            }
        }
        return rows;
    }

    private static String unquoted(String cell) {
        return cell.startsWith("\"")
                ? cell.substring(1, cell.length() - 1).replace("\"\"", "\"").strip()
                : cell;
    }

    private static long count(String text, char wanted) {
        return text.chars().filter(one -> one == wanted).count();
    }

    /** The first time of day in a text that is written with figures, a colon or an h. */
    public static Optional<LocalTime> time(String text) {
        Matcher found = TIME.matcher(text);
        return found.find()
                ? Optional.of(LocalTime.of(Integer.parseInt(found.group(1)), Integer.parseInt(found.group(2))))
                : Optional.empty();
    }
}
