package upshot.app.day;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.order.WrittenOrder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;

/** Lets a setup go, so that the day no longer asks for it, or takes it back. */
@Component
class LetGo implements Gesture {

    @Override
    public String name() {
        return "let-go";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        if (arguments.on("back")) {
            Shot shot = arguments.chosen(context.plan(), RecordKind.SHOT, "id");
            List<Change> back = gone(context.plan()).stream()
                    .filter(turn -> turn.shotId().equals(shot.id()))
                    .<Change>map(Change.Remove::new)
                    .toList();
            return Proposal.of("take %s back".formatted(shot.code()), Change.batch(back));
        }
        DayDesk at = DayDesk.of(context.plan(), arguments);
        return Proposal.showing(
                "let %s go".formatted(at.setup().codes()),
                WrittenOrder.letGo(at.day().shoot(), context.ids(), at.setup()),
                Map.of("setup", ""));
    }

    /** What was let go. */
    static List<Turn> gone(Plan plan) {
        return plan.list(RecordKind.TURN).stream().filter(Turn::letGo).toList();
    }
}
