package upshot.exchange.csv;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import upshot.core.handoff.Clip;
import upshot.core.handoff.TimeCode;
import upshot.core.measure.FrameRate;
import upshot.exchange.clip.ClipHeader;
import upshot.exchange.text.Table;
import upshot.exchange.text.Table.Row;
import upshot.exchange.text.Unreadable;

/**
 * A list of clips, for what has no header that is read here (MXF, raw). Columns, in any order: {@code clip} or {@code file};
 * {@code frames}; {@code rate}; {@code card}; {@code start timecode}, with a semicolon before the frames for drop-frame;
 * {@code made}, "2026-10-09T19:14:03" by the camera's clock; {@code width}, {@code height}; {@code camera}; {@code bytes}.
 */
public final class ClipListCsv {

    private static final String USUAL_WIDTH = "1920";
    private static final String USUAL_HEIGHT = "1080";

    private ClipListCsv() {}

    /**
     * Reads a list.
     *
     * @param card of those that name none
     * @throws Unreadable naming the line
     */
    public static List<Clip> read(byte[] file, String card) {
        Table table = Table.read(file);
        if (!table.columns().contains("frames") || !table.columns().contains("rate")) {
            throw new Unreadable("Line 1", "A clip list has the columns clip, frames and rate at least.");
        }
        List<Clip> clips = new ArrayList<>();
        for (Row row : table.rows()) {
            try {
                clips.add(clip(row, card));
            } catch (Unreadable said) {
                throw said;
            } catch (IllegalArgumentException wrong) {
                throw new Unreadable(row.where(), wrong.getMessage());
            }
        }
        if (clips.isEmpty()) {
            throw new Unreadable("", "There is no clip in the list.");
        }
        return clips;
    }

    private static Clip clip(Row row, String otherCard) {
        String path = or(row.cell("file"), row.cell("clip"));
        String card = or(row.cell("card"), otherCard);
        FrameRate rate = FrameRate.parse(row.cell("rate"));
        String code = row.cell("start timecode");
        boolean drop = code.contains(";") && TimeCode.canDrop(rate);
        long bytes = whole(row, "bytes", "0");
        return new Clip(
                ClipHeader.id(card, path, bytes),
                card,
                List.of(path),
                bytes,
                (int) whole(row, "frames", ""),
                rate,
                row.cell("variable").toLowerCase(Locale.ROOT).equals("yes"),
                (int) whole(row, "width", USUAL_WIDTH),
                (int) whole(row, "height", USUAL_HEIGHT),
                code.isEmpty() ? Optional.empty() : Optional.of((int) TimeCode.frame(code, rate, drop)),
                drop,
                made(row),
                row.cell("camera"));
    }

    private static String or(String text, String otherwise) {
        return text.isEmpty() ? otherwise : text;
    }

    private static long whole(Row row, String column, String usual) {
        String text = or(row.cell(column), usual);
        try {
            long number = Long.parseLong(text);
            if (number > Integer.MAX_VALUE && !column.equals("bytes")) {
                throw new NumberFormatException();
            }
            return number;
        } catch (NumberFormatException none) {
            throw new Unreadable(row.where(), "The %s (%s) is no whole number.".formatted(column, text));
        }
    }

    private static Optional<Long> made(Row row) {
        String text = row.cell("made").replace(' ', 'T').replaceFirst("Z$", "");
        try {
            return text.isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            LocalDateTime.parse(text).toInstant(ZoneOffset.UTC).toEpochMilli());
        } catch (DateTimeParseException none) {
            throw new Unreadable(row.where(), "“%s” is no time. Maybe 2026-10-09T19:14:03?".formatted(text));
        }
    }
}
