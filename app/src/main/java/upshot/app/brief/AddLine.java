package upshot.app.brief;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.brief.ActionLine;
import upshot.core.brief.HeardAt;
import upshot.core.brief.NewActions;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/** Writes down an action from one typed line. */
@Component
class AddLine implements Gesture {

    /** The beat that is told of, or another question that is answered. */
    private static final String ASKED = "beatId";

    @Override
    public String name() {
        return "add-line";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        if (arguments.text(ASKED).equals(TalkView.SOUND)) {
            return heard(plan, arguments.text("line"));
        }
        boolean place = arguments.text(ASKED).equals(TalkView.PLACE);
        ActionLine line = Lines.read(plan, arguments.text("line"));
        if (line.sentence().isEmpty()) {
            throw new InvalidField("line", "Say first who does what; the facts come behind it.");
        }
        NewActions added = new NewActions(plan, context.ids());
        try {
            Action action = added.add(
                    place ? line.asFeature() : line,
                    place
                            ? plan.beats().get(0).id()
                            : arguments.chosen(plan, RecordKind.BEAT, ASKED).id(),
                    arguments.chosen(plan, RecordKind.SPOT, "spotId").id());
            return Proposal.of("add " + action.name(), added.changes());
        } catch (InvalidField wrong) {
            throw new InvalidField("line", wrong.getMessage());
        }
    }

    /** What something sounds like is kept with the action that it belongs to. */
    private static Proposal heard(Plan plan, String sound) {
        if (sound.isEmpty()) {
            throw new InvalidField("line", "Say what is heard.");
        }
        Action action = HeardAt.of(plan, sound)
                .orElseThrow(() -> new InvalidField("line", "Say first what happens; a sound belongs to something."));
        return Proposal.of("the sound of " + action.name(), Change.batch(List.of(Change.set(action, "sound", sound))));
    }
}
