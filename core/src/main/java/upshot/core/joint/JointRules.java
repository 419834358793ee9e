package upshot.core.joint;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;

/** All rules on joints, in the order in which they are shown. */
public final class JointRules {

    public static final List<JointRule> ALL = List.of(
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

    private JointRules() {}

    /** What every rule says about a joint, worst first. */
    public static List<Finding> judge(PaperCut cut, int joint) {
        Stream<Optional<Finding>> said = ALL.stream().map(rule -> rule.judge(cut, joint));
        return said.flatMap(Optional::stream)
                .sorted(Comparator.comparing(Finding::status).reversed())
                .toList();
    }
}
