package upshot.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.LargeJob;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Standing;

/** A job of 200 shots that all happen at one spot, among sixty tables in rows. */
public final class CrowdedSpot {

    private CrowdedSpot() {}

    public static Plan of() {
        Plan plan = LargeJob.of(20, 200, 0);
        UUID spot = plan.spots().get(0).id();
        List<Change> changes = new ArrayList<>();
        for (Action action : plan.actions()) {
            int place = changes.size();
            changes.add(Change.batch(List.of(
                    Change.set(action, "spotId", spot),
                    Change.set(action, "acrossM", Optional.of(10.0 + place % 5)),
                    Change.set(action, "deepM", Optional.of(10.0 + place / 5)))));
        }
        for (int thing = 0; thing < 60; thing++) {
            double across = 2 * (thing % 10);
            double deep = 3.0 * (thing / 10);
            changes.add(new Change.Add(new Standing(
                    UUID.randomUUID(),
                    spot,
                    thing,
                    "table",
                    Standing.Kind.FURNITURE,
                    Outline.parse("%1$s %2$s, %3$s %2$s, %3$s %4$s, %1$s %4$s"
                            .formatted(across, deep, across + 1, deep + 0.7)),
                    0.75,
                    "",
                    "")));
        }
        return plan.apply(Change.batch(changes));
    }
}
