package upshot.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import upshot.core.brief.NewActions;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Field;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.StoryBeat;
import upshot.exchange.json.ChangeJson;
import upshot.exchange.json.UnreadableJson;
import upshot.exchange.text.Table;
import upshot.exchange.text.Unreadable;

/**
 * Actions as a table, out and in. The first columns name beat, action, subject and spot; the others are the action's own
 * fields under their names with their units, each of which may be missing.
 */
public final class ActionsCsv {

    private static final String BEAT = "beat";
    private static final String ACTION = "action";
    private static final String SUBJECT = "subject";
    private static final String SPOT = "spot";

    /** Column names and the fields they hold. */
    private static final Map<String, String> COLUMNS = new LinkedHashMap<>();

    static {
        COLUMNS.put("takes s", "durationS");
        COLUMNS.put("once only", "once");
        COLUMNS.put("reset min", "resetMin");
        COLUMNS.put("at", "fixedTime");
        COLUMNS.put("from", "fromTime");
        COLUMNS.put("until", "untilTime");
        COLUMNS.put("feature", "feature");
        COLUMNS.put("messy", "messy");
        COLUMNS.put("soon gone", "soonGone");
        COLUMNS.put("tiring", "tiring");
        COLUMNS.put("quick", "quick");
        COLUMNS.put("direction", "line");
        COLUMNS.put("side", "side");
        COLUMNS.put("speed m/s", "speedMps");
        COLUMNS.put("posture", "posture");
        COLUMNS.put("above the floor m", "baseHeightM");
        COLUMNS.put("thing", "thing");
        COLUMNS.put("thing form", "thingForm");
        COLUMNS.put("thing height m", "thingHeightM");
        COLUMNS.put("thing above the floor m", "thingBaseM");
        COLUMNS.put("sets", "setsState");
        COLUMNS.put("phases", "phases");
        COLUMNS.put("sound", "sound");
        COLUMNS.put("light", "wantedLight");
        COLUMNS.put("cautions", "cautions");
    }

    private ActionsCsv() {}

    /** All actions in story order. */
    public static String write(Plan plan) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            List<String> header = new ArrayList<>(List.of(BEAT, ACTION, SUBJECT, SPOT));
            header.addAll(COLUMNS.keySet());
            printer.printRecord(header);
            for (Action action : plan.actions()) {
                printer.printRecord(row(plan, action));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static List<String> row(Plan plan, Action action) {
        StoryBeat beat = plan.get(RecordKind.BEAT, action.beatId());
        List<String> row = new ArrayList<>(List.of(
                beat.name(),
                action.name(),
                plan.subjectOf(action).name(),
                plan.spotOf(action).name()));
        COLUMNS.values().forEach(name -> row.add(cell(field(name).of(action))));
        return row.stream().map(CsvText::harmless).toList();
    }

    private static String cell(Object value) {
        Object inner = value instanceof Optional<?> optional ? optional.orElse(null) : value;
        if (inner == null) {
            return "";
        }
        if (inner instanceof Boolean truth) {
            return truth ? "yes" : "";
        }
        return inner instanceof Enum<?> choice ? choice.name() : inner.toString();
    }

    private static Field field(String name) {
        return RecordKind.ACTION.field(name).orElseThrow();
    }

    /**
     * The rows of a file, for whatever plan they will be added to.
     *
     * @throws Unreadable naming the line that cannot be read
     */
    public static Table table(byte[] bytes) {
        Table table = Table.read(bytes);
        if (!table.columns().contains(ACTION)) {
            throw new Unreadable("Line 1", "The header has no column “action”.");
        }
        return table;
    }

    /**
     * The change that adds a file's actions to a plan, with the beats, spots and people they name.
     *
     * @throws Unreadable naming the line and the column that cannot be read
     */
    public static Change.Batch read(Table table, Plan plan, Supplier<UUID> ids) {
        NewActions added = new NewActions(plan, ids);
        for (Table.Row row : table.rows()) {
            try {
                add(plan, row, added);
            } catch (InvalidField wrong) {
                throw new Unreadable(row.where(), wrong.getMessage());
            }
        }
        if (added.changes().changes().isEmpty()) {
            throw new Unreadable("", "The file has a header and no rows.");
        }
        return added.changes();
    }

    private static void add(Plan plan, Table.Row row, NewActions added) {
        String beat = bare(row.cell(BEAT));
        String spot = bare(row.cell(SPOT));
        UUID beatId = beat.isEmpty() ? plan.beats().get(0).id() : added.beat(beat);
        UUID spotId = spot.isEmpty() ? plan.spots().get(0).id() : added.spot(spot);
        String subject = bare(row.cell(SUBJECT));
        Map<String, Object> values = new LinkedHashMap<>();
        COLUMNS.forEach((column, name) -> {
            String cell = bare(row.cell(column));
            if (!cell.isEmpty()) {
                values.put(name, value(row, column, field(name), cell));
            }
        });
        added.add(bare(row.cell(ACTION)), beatId, spotId, subject.isEmpty() ? "Somebody" : subject, values);
    }

    private static Object value(Table.Row row, String column, Field field, String cell) {
        String typed = field.type() == boolean.class
                ? truth(cell)
                : field.type().isEnum() ? cell.toUpperCase(Locale.ROOT) : cell;
        try {
            return ChangeJson.typed(field, typed);
        } catch (UnreadableJson wrong) {
            throw new Unreadable("%s, column %s".formatted(row.where(), column), wrong.getMessage());
        }
    }

    private static String truth(String cell) {
        return switch (cell.toLowerCase(Locale.ROOT)) {
            case "yes", "y", "true", "x", "1" -> "true";
            case "no", "n", "false", "0" -> "false";
            default -> cell;
        };
    }

    /** Takes off the apostrophe that keeps a spreadsheet from running a cell. */
    private static String bare(String cell) {
        return cell.startsWith("'") && !CsvText.harmless(cell.substring(1)).equals(cell.substring(1))
                ? cell.substring(1)
                : cell;
    }
}
