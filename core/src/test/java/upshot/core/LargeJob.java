package upshot.core;

import java.util.ArrayList;
import java.util.List;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/** Plans of a size, for benchmarks and for what must not grow with the size. */
public final class LargeJob {

    private LargeJob() {}

    /** So many actions, shots spread over them evenly from all round, and uses of these in turn. */
    public static Plan of(int actions, int shots, int uses) {
        SamplePlan sample = new SamplePlan();
        List<Shot> all = new ArrayList<>();
        for (int i = 0; i < actions; i++) {
            Action action = sample.action();
            for (int j = 0; j < shots / actions + (i < shots % actions ? 1 : 0); j++) {
                all.add(sample.shot(action, (37 * (i + j)) % 360));
            }
        }
        for (int i = 0; i < uses; i++) {
            sample.use(all.get((i * 7) % all.size()));
        }
        return sample.build();
    }
}
