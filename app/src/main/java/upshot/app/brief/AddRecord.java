package upshot.app.brief;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.Selected;
import upshot.core.brief.Drafts;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;

/** Adds a spot, a person, a moment, a lens and so on by its name; the rest is set in place afterwards. */
@Component
class AddRecord implements Gesture {

    @Override
    public String name() {
        return "add-record";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        RecordKind<?> kind = RecordKind.named(arguments.text("kind"))
                .orElseThrow(() -> new InvalidField("kind", "There is no such thing to add."));
        Optional<UUID> of = kind == RecordKind.REST
                ? Selected.of(context.plan(), RecordKind.SUBJECT, sent, "subjectId")
                        .map(Subject::id)
                : Selected.of(context.plan(), RecordKind.BODY, sent, "bodyId").map(Body::id);
        Change.Batch change = Drafts.add(context.plan(), kind, arguments.text("name"), of.orElse(null), context.ids());
        Change.Add first = (Change.Add) change.changes().get(0);
        return Proposal.showing(
                "add " + first.added().label(),
                change,
                Map.of("record", first.added().id().toString()));
    }
}
