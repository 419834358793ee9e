package upshot.app.brief;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.house.Threshold;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Change;

/** Moves a threshold of this job; left empty or set to the usual value, the usual one holds again. */
@Component
class Adjust implements Gesture {

    @Override
    public String name() {
        return "adjust";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Threshold threshold = arguments.choice("threshold", Threshold.TAIL);
        double value = arguments.number("value", threshold.usual());
        Optional<Adjustment> known = context.plan().adjustment(threshold);
        List<Change> changes;
        if (value == threshold.usual()) {
            changes = known.map(one -> (Change) new Change.Remove(one)).stream().toList();
        } else if (known.isPresent()) {
            changes = known.get().value() == value
                    ? List.of()
                    : List.of(Change.edit(known.get(), one -> one.withValue(value)));
        } else {
            changes = List.of(new Change.Add(new Adjustment(context.ids().get(), threshold, value)));
        }
        return Proposal.of(threshold.label(), Change.batch(changes));
    }
}
