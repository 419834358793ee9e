package upshot.app.day;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.order.Crew;
import upshot.core.order.DayPlan;
import upshot.core.order.WrittenOrder;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;

/** Moves a setup one place earlier or later in the day, to a place of it, or to another crew; everything is timed again. */
@Component
class MoveSetup implements Gesture {

    @Override
    public String name() {
        return "move-setup";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        DayDesk at = DayDesk.of(context.plan(), arguments);
        Crew crew = crew(at, arguments);
        List<DayPlan.Slot> slots = at.day().slotsOf(crew);
        int from = slots.indexOf(at.day().slotOf(at.setup().first()).orElse(null));
        int to = arguments.text("to").isEmpty()
                ? (from < 0 ? slots.size() : from) + (arguments.text("way").equals("earlier") ? -1 : 1)
                : (int) arguments.number("to", 0);
        if (at.setup().action().fixedTime().isPresent()) {
            throw new EditRefused("%s happens at a fixed time: it stays there."
                    .formatted(at.setup().codes()));
        }
        Change.Batch change = WrittenOrder.move(at.day(), context.ids(), at.setup(), crew, to);
        return Proposal.showing(
                "move " + at.setup().codes(),
                change,
                Map.of("setup", at.setup().first().id().toString()));
    }

    private static Crew crew(DayDesk at, Arguments arguments) {
        String wanted = arguments.text("crew");
        if (wanted.isEmpty()) {
            return at.day()
                    .slotOf(at.setup().first())
                    .map(slot -> slot.crew())
                    .orElseGet(() -> at.day().shoot().crews().get(0));
        }
        return at.day().shoot().crews().stream()
                .filter(crew -> Integer.toString(crew.index()).equals(wanted))
                .findFirst()
                .orElseThrow(() -> new InvalidField("crew", "This crew is not there any more."));
    }
}
