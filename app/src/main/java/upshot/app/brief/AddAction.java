package upshot.app.brief;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Action;
import upshot.core.plan.Beat;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Kind;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.Side;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;

/** Writes down an action: finds its subject by name or makes a person of that name, and gives it its code letters. */
@Component
class AddAction implements Gesture {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm");

    @Override
    public String name() {
        return "add-action";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = desk.plan();
        if (arguments.text("name").isEmpty()) {
            throw new InvalidField("name", "Say what happens.");
        }
        Beat beat = arguments.chosen(plan, Kind.BEAT, "beatId");
        Spot spot = arguments.chosen(plan, Kind.SPOT, "spotId");
        List<Change> changes = new ArrayList<>();
        UUID subjectId = subject(desk, arguments.text("subject"), changes);
        Action action = action(desk, arguments, beat, spot, subjectId);
        changes.add(new Change.Add(action));
        return Proposal.of("add " + action.name(), Change.batch(changes));
    }

    private static UUID subject(Desk desk, String name, List<Change> changes) {
        if (name.isEmpty()) {
            throw new InvalidField("subject", "Say who or what is seen.");
        }
        Optional<Subject> known = desk.plan().subjects().stream()
                .filter(subject -> subject.name().equalsIgnoreCase(name))
                .findFirst();
        if (known.isPresent()) {
            return known.get().id();
        }
        Subject added = Subject.person(desk.ids().get(), name);
        changes.add(new Change.Add(added));
        return added.id();
    }

    private static Action action(Desk desk, Arguments arguments, Beat beat, Spot spot, UUID subjectId) {
        Plan plan = desk.plan();
        List<String> prefixes = plan.actions().stream().map(Action::codePrefix).toList();
        String name = arguments.text("name");
        return Action.draft(desk.ids().get(), beat.id(), spot.id(), subjectId, Codes.prefixFor(name, prefixes), name)
                .with("rank", Ranks.after(plan.actionsOf(beat)))
                .with("durationS", arguments.number("durationS", 10))
                .with("once", arguments.on("once"))
                .with("messy", arguments.on("messy"))
                .with("fixedTime", time(arguments.text("fixedTime")))
                .with("side", arguments.choice("side", Side.LEFT_TO_RIGHT))
                .with("line", arguments.text("side").isEmpty() ? Line.NONE : Line.TRAVEL)
                .with("thing", arguments.text("thing"));
    }

    private static Optional<LocalTime> time(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalTime.parse(text, CLOCK));
        } catch (DateTimeParseException notATime) {
            throw new InvalidField("fixedTime", "“%s” is not a time like 19:40.".formatted(text));
        }
    }
}
