package upshot.app.web;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.measure.Labelled;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.exchange.json.ChangeJson;

/**
 * A control that sets one field of one record in place.
 *
 * @param control which control: text, number, dial, time, date, check, select
 * @param before the present value as it stands in a change
 * @param value the present value as the control shows it
 * @param unit behind the control, may be empty
 * @param step of numbers, empty for any
 * @param choices of a select
 */
public record FieldView(
        String control,
        String kind,
        String id,
        String field,
        String label,
        String before,
        String value,
        String unit,
        String step,
        List<Choice> choices) {

    /** One choice of a select. */
    public record Choice(String value, String label, boolean chosen) {}

    public static FieldView text(PlanRecord plannedRecord, String field, String label) {
        return of("text", plannedRecord, field, label, "", "", List.of());
    }

    public static FieldView number(PlanRecord plannedRecord, String field, String label, String unit) {
        return of("number", plannedRecord, field, label, unit, "any", List.of());
    }

    /** A number that can also be turned on a dial, 0 to 355 in steps of 5. */
    public static FieldView bearing(PlanRecord plannedRecord, String field, String label) {
        return of("dial", plannedRecord, field, label, "°", "5", List.of());
    }

    public static FieldView time(PlanRecord plannedRecord, String field, String label) {
        return of("time", plannedRecord, field, label, "", "", List.of());
    }

    public static FieldView date(PlanRecord plannedRecord, String field, String label) {
        return of("date", plannedRecord, field, label, "", "", List.of());
    }

    public static FieldView check(PlanRecord plannedRecord, String field, String label) {
        return of("check", plannedRecord, field, label, "", "", List.of());
    }

    /** All choices of the field's own type. */
    public static FieldView choice(PlanRecord plannedRecord, String field, String label) {
        Object present = value(plannedRecord, field);
        List<Choice> choices = Arrays.stream(present.getClass().getEnumConstants())
                .map(one -> new Choice(((Enum<?>) one).name(), ((Labelled) one).label(), one == present))
                .toList();
        return of("select", plannedRecord, field, label, "", "", choices);
    }

    /** A select over given choices; the present value is added where it is none of them. */
    public static FieldView oneOf(
            PlanRecord plannedRecord, String field, String label, String unit, List<Choice> offered) {
        String present = shown(value(plannedRecord, field));
        List<Choice> choices = offered.stream()
                .map(one -> new Choice(one.value(), one.label(), one.value().equals(present)))
                .toList();
        boolean known = choices.stream().anyMatch(Choice::chosen);
        List<Choice> all = known
                ? choices
                : Stream.concat(choices.stream(), Stream.of(new Choice(present, present, true)))
                        .toList();
        return of("select", plannedRecord, field, label, unit, "", all);
    }

    private static FieldView of(
            String control,
            PlanRecord plannedRecord,
            String field,
            String label,
            String unit,
            String step,
            List<Choice> choices) {
        Object value = value(plannedRecord, field);
        return new FieldView(
                control,
                RecordKind.of(plannedRecord).name(),
                plannedRecord.id().toString(),
                field,
                label,
                ChangeJson.value(value),
                shown(value),
                unit,
                step,
                choices);
    }

    private static Object value(PlanRecord plannedRecord, String field) {
        return RecordKind.of(plannedRecord).field(field).orElseThrow().of(plannedRecord);
    }

    private static String shown(Object value) {
        if (value instanceof Optional<?> optional) {
            return optional.map(FieldView::shown).orElse("");
        }
        return value instanceof Double number ? Wording.number(number, 4) : String.valueOf(value);
    }

    /** Whether it is a length in metres, which may be typed in other units and in steps too. */
    public boolean metres() {
        return control.equals("number") && (unit.equals("m") || unit.startsWith("m "));
    }

    /** The name of the control on the page; one place on the page shows a field. */
    public String controlId() {
        return "f-" + field + "-" + id;
    }
}
