package upshot.core.verdict;

import java.util.List;
import upshot.core.coverage.Coverage;
import upshot.core.finding.Rule;
import upshot.core.joint.JointRules;
import upshot.core.shot.ShotRule;
import upshot.core.whole.WholeRule;

/**
 * All rules that look at one kind of thing, in the order in which they are shown.
 *
 * @param about what they look at
 */
public record AllRules(String about, List<Rule> rules) {

    public AllRules {
        rules = List.copyOf(rules);
    }

    /** Every rule that a verdict is made by. */
    public static List<AllRules> all() {
        return List.of(
                new AllRules("An action", List.of(new Coverage())),
                new AllRules("A shot", List.copyOf(ShotRule.ALL)),
                new AllRules("Two pictures that meet", List.copyOf(JointRules.ALL)),
                new AllRules("The whole cut", List.copyOf(WholeRule.ALL)),
                new AllRules("The day", List.of(new TwoCameraMatch())));
    }
}
