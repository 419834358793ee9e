package upshot.app.coverage;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Change;
import upshot.core.plan.Field;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;
import upshot.exchange.json.ChangeJson;

/** Does the same to each of the chosen shots, as one edit: sets a field, or removes them. */
@Component
class Several implements Gesture {

    /** The fields that make sense for several shots at once. */
    static final List<String> FIELDS = List.of(
            "size",
            "focalLengthMm",
            "apertureN",
            "support",
            "move",
            "captureRate",
            "iso",
            "holdS",
            "takes",
            "placement",
            "priority",
            "lampsOff",
            "foreground");

    @Override
    public String name() {
        return "several";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        List<Shot> shots = chosen(context.plan(), arguments.text("codes"));
        if (shots.isEmpty()) {
            throw new InvalidField("codes", "None of these shots is there any more.");
        }
        String codes = shots.stream().map(Shot::code).collect(Collectors.joining(", "));
        if (arguments.on("remove")) {
            return Proposal.of(
                    "remove " + codes,
                    Change.batch(shots.stream()
                            .map(shot -> (Change) Removal.of(context.plan(), shot))
                            .toList()));
        }
        Field field = FIELDS.stream()
                .filter(name -> name.equals(arguments.text("field")))
                .findFirst()
                .flatMap(RecordKind.SHOT::field)
                .orElseThrow(() -> new InvalidField("field", "This cannot be set on several shots at once."));
        Object value = ChangeJson.typed(field, arguments.text("value"));
        return Proposal.of(
                "set %d shots alike".formatted(shots.size()),
                Change.batch(shots.stream()
                        .filter(shot -> !field.of(shot).equals(value))
                        .map(shot -> (Change) Change.set(shot, field.name(), value))
                        .toList()));
    }

    /** The shots that are still there, in story order. */
    static List<Shot> chosen(Plan plan, String codes) {
        List<String> wanted = Arrays.asList(codes.split(","));
        return plan.shots().stream()
                .filter(shot -> wanted.contains(shot.code()))
                .toList();
    }
}
