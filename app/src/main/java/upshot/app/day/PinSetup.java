package upshot.app.day;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.order.WrittenOrder;

/** Keeps a setup at the time at which it stands, or lets it move again. */
@Component
class PinSetup implements Gesture {

    @Override
    public String name() {
        return "pin-setup";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        DayDesk at = DayDesk.of(context.plan(), arguments);
        boolean pinned = arguments.on("pinned");
        return Proposal.of(
                (pinned ? "pin " : "unpin ") + at.setup().codes(),
                WrittenOrder.pin(at.day(), context.ids(), at.slot(), pinned));
    }
}
