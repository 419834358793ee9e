package upshot.app.web;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Map;
import upshot.core.finding.Wording;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/** What a page sent with a gesture, read with plain words for what is missing or wrong. */
public record Arguments(Map<String, String> values) {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm[:ss]");

    public String text(String name) {
        return values.getOrDefault(name, "").strip();
    }

    public boolean on(String name) {
        return text(name).equals("true");
    }

    /** A number, or the usual one when the field was left empty. */
    public double number(String name, double usual) {
        String text = text(name);
        if (text.isEmpty()) {
            return usual;
        }
        try {
            return Double.parseDouble(text.replace(',', '.'));
        } catch (NumberFormatException notANumber) {
            throw new InvalidField(name, "“%s” is not a number.".formatted(text));
        }
    }

    /** A time of the day, as 9:30 or 09:30. */
    public LocalTime time(String name) {
        String text = text(name);
        try {
            return LocalTime.parse(text, CLOCK);
        } catch (DateTimeParseException noTime) {
            throw new InvalidField(
                    name, "“%s” is no time of the day. Maybe 18:40?".formatted(Wording.shortened(text, 40)));
        }
    }

    /** The record that an argument names by id. */
    public <R extends PlanRecord> R chosen(Plan plan, RecordKind<R> kind, String name) {
        return Selected.of(plan, kind, values, name)
                .orElseThrow(() -> new InvalidField(name, "This %s is not there any more.".formatted(kind.name())));
    }

    /** One of the constants of a choice, or the usual one when the field was left empty. */
    public <E extends Enum<E>> E choice(String name, E usual) {
        String text = text(name);
        if (text.isEmpty()) {
            return usual;
        }
        try {
            return Enum.valueOf(usual.getDeclaringClass(), text);
        } catch (IllegalArgumentException noChoice) {
            throw new InvalidField(name, "“%s” is none of the choices.".formatted(text));
        }
    }
}
