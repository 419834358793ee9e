package upshot.app.day;

import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.order.WrittenOrder;

/** Takes the order that was searched for. */
@Component
class TakeOrder implements Gesture {

    private final Searches searches;

    TakeOrder(Searches searches) {
        this.searches = searches;
    }

    @Override
    public String name() {
        return "take-order";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Searches.Running found = searches.of(jobId(new Arguments(sent)))
                .filter(running -> running.began().plan().equals(context.plan()))
                .orElseThrow(
                        () -> new EditRefused(
                                "The plan has changed since this order was searched for. Search again, it begins where you are."));
        return Proposal.of(
                "take the order that was found",
                WrittenOrder.of(found.began().day().shoot(), found.best().crews(), context.ids()));
    }

    private static UUID jobId(Arguments arguments) {
        try {
            return UUID.fromString(arguments.text("job"));
        } catch (IllegalArgumentException none) {
            throw new EditRefused("There is no order to take: search first.");
        }
    }
}
