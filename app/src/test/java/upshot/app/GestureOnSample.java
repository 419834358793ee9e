package upshot.app;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.SamplePlan;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;

/** The gestures by their names and a plan in memory to try them on. */
@AppTest
abstract class GestureOnSample {

    @Autowired
    private List<Gesture> gestures;

    final SamplePlan sample = new SamplePlan();

    Proposal propose(Plan plan, String name, Map<String, String> arguments) {
        Gesture gesture = gestures.stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
        return gesture.propose(
                new GestureContext(UUID.randomUUID(), plan, Codes.of(plan), UUID::randomUUID, UUID.randomUUID()),
                arguments);
    }

    Plan after(Plan plan, String name, Map<String, String> arguments) {
        return plan.apply(propose(plan, name, arguments).change());
    }
}
