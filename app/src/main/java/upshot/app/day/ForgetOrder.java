package upshot.app.day;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.order.WrittenOrder;

/** Forgets the order that was written down, pins included, so that the usual one holds; what was let go stays so. */
@Component
class ForgetOrder implements Gesture {

    @Override
    public String name() {
        return "forget-order";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        return Proposal.of("go back to the usual order", WrittenOrder.forgotten(context.plan()));
    }
}
