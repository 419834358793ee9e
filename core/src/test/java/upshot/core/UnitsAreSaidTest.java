package upshot.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A number says what it is: by its name, or by what is written above it. */
class UnitsAreSaidTest {

    private static final Path MAIN = Path.of("src/main/java/upshot/core");
    private static final List<String> PACKAGES = List.of("shot", "joint", "order", "coverage");

    /** A name that ends in its unit, or in a word that can be nothing but a plain number. */
    private static final Pattern NAMED = Pattern.compile(
            ".*(?:M|S|Min|Deg|Mm|N|Hz|Lx|Lux|Percent|Stops|PerM|PerS|Mps|Frames|Gb|Megabytes|Ratio|Share)$"
                    + "|frames|minutes|index|count|size|takes|joints|position|number|rank|first|then|hashCode|ordinal");

    private static final Pattern NUMBER =
            Pattern.compile("(?:double|int|long|Optional<Double>|OptionalInt|double\\[\\])");
    private static final Pattern RECORD = Pattern.compile("record \\w+\\(([^)]*)\\)");
    private static final Pattern METHOD = Pattern.compile("public (?:static )?(" + NUMBER.pattern() + ") (\\w+)\\(");

    private final List<String> silent = new ArrayList<>();

    @Test
    void every_number_of_a_record_and_of_a_public_method_says_its_unit_zero_direction_or_source() throws IOException {
        for (String name : PACKAGES) {
            try (Stream<Path> files = Files.list(MAIN.resolve(name))) {
                for (Path file : files.sorted().toList()) {
                    look(file.getFileName().toString(), Files.readString(file));
                }
            }
        }
        assertThat(silent).isEmpty();
    }

    private void look(String file, String code) {
        Matcher records = RECORD.matcher(code);
        while (records.find()) {
            String above = above(code, records.start());
            Arrays.stream(records.group(1).split(",(?![^<]*>)"))
                    .map(String::strip)
                    .filter(component -> NUMBER.matcher(component.split(" ")[0]).matches())
                    .map(component -> component.substring(component.lastIndexOf(' ') + 1))
                    .filter(component ->
                            !NAMED.matcher(component).matches() && !above.contains("@param " + component + " "))
                    .forEach(component -> silent.add(file + ": " + component));
        }
        Matcher methods = METHOD.matcher(code);
        while (methods.find()) {
            boolean inherited =
                    code.substring(0, methods.start()).stripTrailing().endsWith("@Override");
            boolean named = NAMED.matcher(methods.group(2)).matches();
            if (!inherited && !named && above(code, methods.start()).isEmpty()) {
                silent.add(file + ": " + methods.group(2) + "()");
            }
        }
    }

    /** The comment that ends just before a place; empty where there is none. */
    private static String above(String code, int at) {
        String before = code.substring(0, at);
        int end = before.lastIndexOf("*/");
        String between = end < 0 ? before : before.substring(end + 2);
        return end < 0 || between.contains(";") || between.contains("}")
                ? ""
                : before.substring(before.lastIndexOf("/**"), end);
    }
}
