package upshot.app.coverage;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import upshot.app.web.FieldView;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/**
 * The panel of several chosen shots.
 *
 * @param codes as the gesture takes them
 * @param fields what can be set on all of them; a value that differs is left empty
 */
record SeveralPanel(String codes, int count, List<Alike> fields) {

    /**
     * A field of all of them.
     *
     * @param mixed whether they differ in it
     */
    record Alike(FieldView field, boolean mixed) {}

    static Optional<SeveralPanel> of(Plan plan, List<Shot> shots) {
        if (shots.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new SeveralPanel(
                shots.stream().map(Shot::code).collect(Collectors.joining(",")),
                shots.size(),
                ShotFields.of(plan, shots.get(0)).stream()
                        .filter(field -> Several.FIELDS.contains(field.field()))
                        .map(field -> new Alike(field, mixed(shots, field.field())))
                        .toList()));
    }

    private static boolean mixed(List<Shot> shots, String field) {
        return shots.stream()
                        .map(shot -> RecordKind.SHOT.field(field).orElseThrow().of(shot))
                        .distinct()
                        .count()
                > 1;
    }
}
