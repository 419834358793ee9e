package upshot.core.joint;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.order.DayPlan;
import upshot.core.plan.Brief;

/**
 * All rules on joints, in the order in which they are shown: those that look at two uses alone, then those that look back,
 * then the light. Nothing is asked where a shot only goes on.
 */
public final class JointRules {

    private static final List<JointRule> ALL = List.of(
            new TooAlike(),
            new EyeJump(),
            new ActionMatch(),
            new MoveClash(),
            new TransitionFit(),
            new TravelFlip(),
            new LineCross(),
            new SpeedRun(),
            new SameSeconds(),
            new StateJump());

    private static final Comparator<Finding> WORST_FIRST =
            Comparator.comparing(Finding::status).reversed();

    private final List<JointRule> rules;
    private final Map<String, Integer> places = new HashMap<>();
    private final int beyondFrom;

    /**
     * @param rules first those that look at two uses alone
     */
    private JointRules(List<JointRule> rules) {
        this.rules = rules;
        for (JointRule rule : rules) {
            places.put(rule.id(), places.size());
        }
        this.beyondFrom =
                (int) rules.stream().filter(rule -> !rule.looksBeyond()).count();
    }

    /** All of them; the light is judged at the times of an order of the day. */
    public static JointRules with(Brief brief, DayPlan day) {
        return new JointRules(Stream.concat(ALL.stream(), Stream.of(new LightJump(brief, day)))
                .toList());
    }

    /** What every rule says about a joint, worst first. */
    public List<Finding> judge(PaperCut cut, int joint) {
        return judged(rules, cut, joint).sorted(WORST_FIRST).toList();
    }

    /**
     * The same for a joint whose two uses have met before.
     *
     * @param before what was said then, of which all that looked at nothing but the two still holds
     */
    public List<Finding> judgeAgain(PaperCut cut, int joint, List<Finding> before) {
        return judgeFrom(beyondFrom, cut, joint, before);
    }

    /** The same for a joint of which everything is the same but the times of the day. */
    public List<Finding> judgeLight(PaperCut cut, int joint, List<Finding> before) {
        return judgeFrom(rules.size() - 1, cut, joint, before);
    }

    private List<Finding> judgeFrom(int first, PaperCut cut, int joint, List<Finding> before) {
        List<Finding> again =
                judged(rules.subList(first, rules.size()), cut, joint).toList();
        if (again.isEmpty() && before.stream().noneMatch(finding -> places.get(finding.ruleId()) >= first)) {
            return before;
        }
        Stream<Finding> kept = before.stream().filter(finding -> places.get(finding.ruleId()) < first);
        return Stream.concat(kept, again.stream())
                .sorted(WORST_FIRST.thenComparing(finding -> places.get(finding.ruleId())))
                .toList();
    }

    /** What the rules say that look at the two uses alone. */
    public List<Finding> judgeMeeting(PaperCut cut, int joint) {
        return judged(rules.subList(0, beyondFrom), cut, joint).toList();
    }

    /** What the other rules say, that look back in the cut or at the day. */
    public List<Finding> judgeBeyond(PaperCut cut, int joint) {
        return judged(rules.subList(beyondFrom, rules.size()), cut, joint).toList();
    }

    private static Stream<Finding> judged(List<JointRule> rules, PaperCut cut, int joint) {
        return cut.goesOn(joint)
                ? Stream.empty()
                : rules.stream().map(rule -> rule.judge(cut, joint)).flatMap(Optional::stream);
    }
}
