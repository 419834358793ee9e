package upshot.core.joint;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.order.DayPlan;
import upshot.core.plan.Brief;

/** All rules on joints, in the order in which they are shown: those that need nothing but the cut, then the light. */
public final class JointRules {

    private static final List<JointRule> ALL = List.of(
            new TravelFlip(),
            new LineCross(),
            new TooAlike(),
            new EyeJump(),
            new ActionMatch(),
            new MoveClash(),
            new TransitionFit(),
            new SpeedRun(),
            new SameSeconds(),
            new StateJump());

    private final List<JointRule> rules;

    private JointRules(List<JointRule> rules) {
        this.rules = rules;
    }

    /** All of them; the light is judged at the times of an order of the day. */
    public static JointRules with(Brief brief, DayPlan day) {
        return new JointRules(Stream.concat(ALL.stream(), Stream.of(new LightJump(brief, day)))
                .toList());
    }

    /** What every rule says about a joint, worst first. */
    public List<Finding> judge(PaperCut cut, int joint) {
        return rules.stream()
                .map(rule -> rule.judge(cut, joint))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparing(Finding::status).reversed())
                .toList();
    }
}
