package upshot.app.day;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.order.LaterWrap;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** Makes the day longer where something happens after the wrap. */
@Component
class WrapLater implements Gesture {

    @Override
    public String name() {
        return "wrap-later";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> arguments) {
        Plan plan = context.plan();
        LaterWrap later = LaterWrap.of(plan, ShootingOrder.of(plan))
                .orElseThrow(() -> new EditRefused("The day has changed: a later wrap would save nothing any more."));
        return Proposal.of(
                "wrap at %s".formatted(later.wrap()),
                Change.batch(List.of(Change.edit(plan.brief(), one -> one.withWrapTime(later.wrap())))));
    }
}
