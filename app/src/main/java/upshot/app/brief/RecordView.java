package upshot.app.brief;

import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.ToggleView;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/**
 * A record of a list that opens in place.
 *
 * @param facts about it in a line
 * @param toggles tags, possibly none
 * @param usual values to pick for what is seldom measured, possibly none
 * @param inner records that belong to it, for instance a body's modes
 * @param open whether it was added just now
 */
record RecordView(
        String kind,
        String id,
        String title,
        String facts,
        List<FieldView> fields,
        List<ToggleView> toggles,
        List<ToggleView> usual,
        List<RecordView> inner,
        boolean removable,
        boolean open) {

    static RecordView of(PlanRecord one, String facts, List<FieldView> fields, boolean removable, String opened) {
        return new RecordView(
                RecordKind.of(one).name(),
                one.id().toString(),
                one.label(),
                facts,
                fields,
                List.of(),
                List.of(),
                List.of(),
                removable,
                one.id().toString().equals(opened));
    }

    RecordView with(List<ToggleView> tags, List<ToggleView> choices) {
        return new RecordView(kind, id, title, facts, fields, tags, choices, inner, removable, open);
    }

    /** Open where one of its parts is. */
    RecordView with(List<RecordView> parts) {
        boolean shows = open || parts.stream().anyMatch(RecordView::open);
        return new RecordView(kind, id, title, facts, fields, toggles, usual, parts, removable, shows);
    }
}
