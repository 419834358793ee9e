package upshot.app.brief;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Action;
import upshot.core.plan.Kind;
import upshot.core.plan.Ranks;

/** Moves an action one place earlier or later within its beat. */
@Component
class MoveAction implements Gesture {

    @Override
    public String name() {
        return "move-action";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Action action = arguments.chosen(desk.plan(), Kind.ACTION, "id");
        List<Action> siblings = desk.plan().actionsOf(desk.plan().get(Kind.BEAT, action.beatId()));
        int to = siblings.indexOf(action) + (arguments.text("way").equals("up") ? -1 : 1);
        return Proposal.of("move " + action.name(), Ranks.move(siblings, action, to));
    }
}
