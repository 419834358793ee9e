package upshot.exchange.agenda;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Moment;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

/** Lines as they are typed or pasted: {@code 19:40 Kiln opens 10 min}, {@code 18:00-18:20 Speech}. */
public final class AgendaLines {

    private static final double USUAL_MIN = 10;
    private static final int LONGEST = 400;

    private static final Pattern LINE = Pattern.compile("(?:[-*•]\\s*)?(?:(\\d{4}-\\d{2}-\\d{2})\\s+)?(?:at\\s+)?"
            + Clock.PATTERN + "(?:\\s*(?:-|–|to|until)\\s*" + Clock.PATTERN + ")?[\\s:,–-]+(\\S.*)");
    private static final Pattern LENGTH =
            Pattern.compile("[\\s,(]+(?:for\\s+)?(\\d{1,4})\\s*(min|mins|minutes|h|hours?)\\)?$");

    private AgendaLines() {}

    /**
     * Reads one moment a line; empty lines and lines that begin with # are skipped.
     *
     * @throws Unreadable naming the first line that is no moment
     */
    public static Agenda read(String text, Agenda.Frame frame) {
        if (text.length() > Decoded.MOST_BYTES) {
            throw new Unreadable("", "The text is longer than a million characters.");
        }
        List<Moment> moments = new ArrayList<>();
        List<String> lines = Decoded.lines(text);
        for (int number = 1; number <= lines.size(); number++) {
            String line = lines.get(number - 1).strip();
            if (!line.isEmpty() && !line.startsWith("#")) {
                Agenda.checkRoom(moments);
                moments.add(moment(line, "Line " + number, frame));
            }
        }
        if (moments.isEmpty()) {
            throw new Unreadable("", "There is no moment in it. A line looks like 19:40 Kiln opens 10 min.");
        }
        return new Agenda(moments, List.of());
    }

    private static Moment moment(String line, String where, Agenda.Frame frame) {
        Matcher found = LINE.matcher(line.length() > LONGEST ? "" : line);
        if (!found.matches()) {
            throw new Unreadable(where, "This is no moment. It looks like 19:40 Kiln opens 10 min.");
        }
        LocalTime start = Clock.at(found, 2).orElseThrow(() -> new Unreadable(where, "This is no time of day."));
        String name = found.group(2 + 2 * Clock.GROUPS);
        double minutes = USUAL_MIN;
        Matcher length = LENGTH.matcher(name);
        if (found.group(2 + Clock.GROUPS) != null || found.group(4 + Clock.GROUPS) != null) {
            LocalTime end = Clock.at(found, 2 + Clock.GROUPS)
                    .orElseThrow(() -> new Unreadable(where, "Its end is no time of day."));
            minutes = Math.floorMod(Duration.between(start, end).toMinutes(), 24 * 60L);
        } else if (length.find()) {
            minutes = Integer.parseInt(length.group(1)) * (length.group(2).startsWith("h") ? 60.0 : 1);
            name = name.substring(0, length.start());
        }
        try {
            return new Moment(frame.ids().get(), name, date(found.group(1), frame), start, minutes, "");
        } catch (InvalidField wrong) {
            throw new Unreadable(where, wrong.getMessage());
        } catch (DateTimeException noDate) {
            throw new Unreadable(where, "“%s” is no date.".formatted(found.group(1)));
        }
    }

    private static Optional<LocalDate> date(String typed, Agenda.Frame frame) {
        return typed == null ? Optional.empty() : frame.dateOf(LocalDate.parse(typed));
    }
}
