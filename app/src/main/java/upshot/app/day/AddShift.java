package upshot.app.day;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;

/** Adds a further day to the shoot, or a second unit to one of its days. */
@Component
class AddShift implements Gesture {

    @Override
    public String name() {
        return "add-shift";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        ExtraCrew shift = new ExtraCrew(
                context.ids().get(),
                arguments.text("name"),
                Ranks.after(context.plan().list(RecordKind.SHIFT)),
                (int) arguments.number("dayOffset", 1),
                arguments.time("callTime"),
                arguments.time("wrapTime"),
                (int) arguments.number("cameras", 1));
        return Proposal.of("add " + shift.name(), new Change.Add(shift));
    }
}
