package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;

/** Says who else takes part in an action, by name; a name that nobody bears yet becomes a person. */
@Component
class AddPerformer implements Gesture {

    @Override
    public String name() {
        return "add-performer";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Action action = arguments.chosen(plan, RecordKind.ACTION, "actionId");
        String name = arguments.text("name");
        if (name.isEmpty()) {
            throw new InvalidField("name", "Write who else takes part.");
        }
        List<Change> changes = new ArrayList<>();
        UUID who = plan.subjects().stream()
                .filter(subject -> subject.name().equalsIgnoreCase(name))
                .findFirst()
                .map(Subject::id)
                .orElseGet(() -> {
                    Subject person = Subject.person(context.ids().get(), name);
                    changes.add(new Change.Add(person));
                    return person.id();
                });
        if (Coverage.performing(plan, action).stream()
                .anyMatch(subject -> subject.id().equals(who))) {
            throw new InvalidField("name", "%s takes part already.".formatted(name));
        }
        changes.add(new Change.Add(
                Performer.of(context.ids().get(), action.id(), who, Ranks.after(plan.performersOf(action)))));
        return Proposal.of("add %s to %s".formatted(name, action.name()), Change.batch(changes));
    }
}
