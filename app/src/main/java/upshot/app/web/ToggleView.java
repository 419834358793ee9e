package upshot.app.web;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import upshot.core.measure.Labelled;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Change;
import upshot.core.plan.Device;
import upshot.core.plan.Devices;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/**
 * A tag that a press puts on or takes off.
 *
 * @param press what it does
 */
public record ToggleView(String label, boolean pressed, Press press) {

    /** All cautions, for a field that holds some of them. */
    public static List<ToggleView> cautions(PlanRecord plannedRecord, String field) {
        Cautions present = (Cautions) value(plannedRecord, field);
        return all(plannedRecord, field, Caution.values(), present.tags(), Cautions::new);
    }

    /** All ways of composing, for a field that holds some of them. */
    public static List<ToggleView> devices(PlanRecord plannedRecord, String field) {
        Devices present = (Devices) value(plannedRecord, field);
        return all(plannedRecord, field, Device.values(), present.tags(), Devices::new);
    }

    private static Object value(PlanRecord plannedRecord, String field) {
        return RecordKind.of(plannedRecord).field(field).orElseThrow().of(plannedRecord);
    }

    private static <T extends Labelled> List<ToggleView> all(
            PlanRecord plannedRecord, String field, T[] offered, List<T> present, Function<List<T>, Object> toValue) {
        return Arrays.stream(offered)
                .map(tag -> {
                    List<T> tags = new ArrayList<>(present);
                    boolean pressed = tags.remove(tag);
                    if (!pressed) {
                        tags.add(tag);
                    }
                    Change change = Change.set(plannedRecord, field, toValue.apply(tags));
                    return new ToggleView(tag.label(), pressed, Press.change(change));
                })
                .toList();
    }
}
