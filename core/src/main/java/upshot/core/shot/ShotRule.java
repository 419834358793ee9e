package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/** A rule about one shot alone. */
public interface ShotRule {

    /** All rules on shots, in the order in which they are shown. */
    List<ShotRule> ALL = List.of(new OutOfReach(), new TightRoom(), new TooClose());

    /** Stable, in lower case with hyphens. */
    String id();

    /** What the rule says about a shot; empty where it has nothing to say against it. */
    Optional<Finding> judge(Plan plan, Shot shot);

    /** What every rule says against a shot. */
    static List<Finding> judgeAll(Plan plan, Shot shot) {
        return ALL.stream()
                .map(rule -> rule.judge(plan, shot))
                .flatMap(Optional::stream)
                .toList();
    }
}
