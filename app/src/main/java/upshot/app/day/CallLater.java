package upshot.app.day;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.order.LaterCall;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** Calls everybody later where they would wait for hours and nothing is lost by it. */
@Component
class CallLater implements Gesture {

    @Override
    public String name() {
        return "call-later";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> arguments) {
        Plan plan = context.plan();
        LaterCall later = LaterCall.of(plan, ShootingOrder.of(plan))
                .orElseThrow(() -> new EditRefused("The day has changed: a later call would save nothing any more."));
        return Proposal.of(
                "call at %s".formatted(later.call()),
                Change.batch(List.of(Change.edit(plan.brief(), one -> one.withCallTime(later.call())))));
    }
}
