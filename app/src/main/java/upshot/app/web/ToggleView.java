package upshot.app.web;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Change;
import upshot.core.plan.Kind;
import upshot.core.plan.PlanRecord;
import upshot.exchange.json.ChangeJson;

/**
 * A tag that a press puts on or takes off.
 *
 * @param changes what pressing it posts
 */
public record ToggleView(String label, boolean pressed, String changes) {

    /** All cautions, for a field that holds some of them. */
    public static List<ToggleView> cautions(PlanRecord plannedRecord, String field) {
        Cautions present =
                (Cautions) Kind.of(plannedRecord).field(field).orElseThrow().of(plannedRecord);
        return Arrays.stream(Caution.values())
                .map(caution -> {
                    List<Caution> tags = new ArrayList<>(present.tags());
                    boolean pressed = tags.remove(caution);
                    if (!pressed) {
                        tags.add(caution);
                    }
                    Change change = Change.set(plannedRecord, field, new Cautions(tags));
                    return new ToggleView(caution.label(), pressed, ChangeJson.write(change));
                })
                .toList();
    }
}
