package upshot.app.brief;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Walk;

/** Says how many minutes lie between two spots; left empty, the usual ones hold again. */
@Component
class SetWalk implements Gesture {

    @Override
    public String name() {
        return "set-walk";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Spot from = arguments.chosen(plan, RecordKind.SPOT, "fromSpotId");
        Spot to = arguments.chosen(plan, RecordKind.SPOT, "toSpotId");
        if (from.equals(to)) {
            throw new InvalidField("toSpotId", "A walk leads to another spot.");
        }
        Optional<Walk> known = plan.list(RecordKind.WALK).stream()
                .filter(walk -> walk.joins(from.id(), to.id()))
                .findFirst();
        return Proposal.of(
                "walk from %s to %s".formatted(from.name(), to.name()), change(context, arguments, from, to, known));
    }

    private static Change change(
            GestureContext context, Arguments arguments, Spot from, Spot to, Optional<Walk> known) {
        if (arguments.text("minutes").isEmpty()) {
            return Change.batch(
                    known.map(walk -> (Change) new Change.Remove(walk)).stream().toList());
        }
        double minutes = arguments.number("minutes", 0);
        return known.map(walk -> Change.batch(
                        walk.minutes() == minutes
                                ? List.of()
                                : List.of(Change.edit(walk, one -> one.withMinutes(minutes)))))
                .orElseGet(() -> Change.batch(
                        List.of(new Change.Add(new Walk(context.ids().get(), from.id(), to.id(), minutes)))));
    }
}
