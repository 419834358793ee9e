package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.StoryBeat;

/**
 * Moves an action one place earlier or later in the story, into the next beat at its beat's ends; or, when it was
 * dragged, to a place in a beat.
 */
@Component
class MoveAction implements Gesture {

    @Override
    public String name() {
        return "move-action";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Action action = arguments.chosen(plan, RecordKind.ACTION, "id");
        StoryBeat beat = plan.get(RecordKind.BEAT, action.beatId());
        Change change;
        if (arguments.text("beatId").isEmpty()) {
            change = step(plan, action, beat, arguments.text("way").equals("up") ? -1 : 1);
        } else {
            StoryBeat target = arguments.chosen(plan, RecordKind.BEAT, "beatId");
            change = place(plan, action, target, (int) arguments.number("position", 0));
        }
        return Proposal.of("move " + action.name(), change);
    }

    private static Change step(Plan plan, Action action, StoryBeat beat, int way) {
        List<Action> siblings = plan.actionsOf(beat);
        int to = siblings.indexOf(action) + way;
        int next = plan.beats().indexOf(beat) + way;
        boolean leaves = to < 0 || to >= siblings.size();
        if (!leaves) {
            return Ranks.move(siblings, action, to);
        }
        if (next < 0 || next >= plan.beats().size()) {
            return Change.batch(List.of());
        }
        StoryBeat neighbour = plan.beats().get(next);
        return place(
                plan, action, neighbour, way < 0 ? plan.actionsOf(neighbour).size() : 0);
    }

    private static Change place(Plan plan, Action action, StoryBeat beat, int position) {
        if (beat.id().equals(action.beatId())) {
            return Ranks.move(plan.actionsOf(beat), action, position);
        }
        List<Action> there = plan.actionsOf(beat);
        List<Change> changes = new ArrayList<>();
        changes.add(Change.edit(action, one -> one.withBeatId(beat.id())));
        double rank = Ranks.at(there, Math.max(0, Math.min(there.size(), position)));
        if (rank != action.rank()) {
            changes.add(Change.edit(action, one -> one.withRank(rank)));
        }
        return Change.batch(changes);
    }
}
