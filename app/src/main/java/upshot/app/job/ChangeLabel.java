package upshot.app.job;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.finding.Wording;
import upshot.core.measure.Labelled;
import upshot.core.plan.Cautions;
import upshot.core.plan.Change;
import upshot.core.plan.Devices;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/** Says in a few words what changes do, for the undo button. */
final class ChangeLabel {

    private ChangeLabel() {}

    /**
     * @param plan before the changes
     */
    static String of(Plan plan, Change change) {
        List<Change> steps = change.steps().toList();
        if (steps.isEmpty()) {
            return "nothing";
        }
        String first = step(plan, steps.get(steps.size() - 1));
        return steps.size() == 1 ? first : "%s and %d more".formatted(first, steps.size() - 1);
    }

    private static String step(Plan plan, Change step) {
        if (step instanceof Change.Add add) {
            return "add " + add.added().label();
        }
        if (step instanceof Change.Remove remove) {
            return "remove " + remove.removed().label();
        }
        Change.Set set = (Change.Set) step;
        String whose = plan.find((RecordKind<?>) set.kind(), set.id())
                .map(PlanRecord::label)
                .orElse(set.kind().name());
        if (set.field().equals("still")) {
            return "%s: %s reference still".formatted(whose, set.after().equals("") ? "no" : "a");
        }
        return "%s: %s %s".formatted(whose, words(set.field()), value(plan, set.after()));
    }

    /** {@code focalLengthMm} as it is said: focal length. */
    private static String words(String field) {
        return field.replaceAll("(Mm|Deg|Bpm|Min|Id)$", "")
                .replaceAll("(?<=[a-z])[SMN]$", "")
                .replaceAll("([A-Z])", " $1")
                .toLowerCase(Locale.ROOT);
    }

    private static String value(Plan plan, Object value) {
        if (value instanceof Optional<?> optional) {
            return optional.map(inside -> value(plan, inside)).orElse("none");
        }
        if (value instanceof UUID id) {
            return RecordKind.PARENT_FIRST.stream()
                    .flatMap(kind -> plan.find(kind, id).stream())
                    .map(PlanRecord::label)
                    .findFirst()
                    .orElse("another");
        }
        if (value instanceof Cautions cautions) {
            return labels(cautions.tags());
        }
        if (value instanceof Devices devices) {
            return labels(devices.tags());
        }
        if (value instanceof Labelled labelled) {
            return labelled.label();
        }
        if (value instanceof Double number) {
            return Wording.number(number, 2);
        }
        if (value instanceof Boolean truth) {
            return truth ? "yes" : "no";
        }
        return shortened(String.valueOf(value));
    }

    private static String labels(List<? extends Labelled> tags) {
        return tags.isEmpty()
                ? "none"
                : shortened(tags.stream().map(Labelled::label).collect(Collectors.joining(", ")));
    }

    private static String shortened(String text) {
        return Wording.shortened(text, 40);
    }
}
