package upshot.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Unjudged;
import upshot.core.joint.JointRule.Sees;
import upshot.core.order.DayPlan;
import upshot.core.plan.Brief;

/**
 * All rules on joints, in the order in which they are shown: those that look at least far first. Nothing is asked where a
 * shot only goes on.
 */
public final class JointRules {

    private static final List<JointRule> ALL = List.of(
            new TooAlike(),
            new EyeJump(),
            new ActionMatch(),
            new MoveClash(),
            new TransitionFit(),
            new SameSeconds(),
            new TravelFlip(),
            new LineCross(),
            new SpeedRun(),
            new StateJump());

    private static final Comparator<Finding> WORST_FIRST =
            Comparator.comparing(Finding::status).reversed();

    private final List<JointRule> rules;
    private final Map<String, Integer> places = new HashMap<>();

    private JointRules(List<JointRule> rules) {
        this.rules = rules;
        for (JointRule rule : rules) {
            places.put(rule.id(), places.size());
        }
    }

    /** All of them; the light is judged at the times of an order of the day. */
    public static JointRules with(Brief brief, DayPlan day) {
        return new JointRules(Stream.concat(ALL.stream(), Stream.of(new LightJump(brief, day)))
                .sorted(Comparator.comparing(JointRule::sees))
                .toList());
    }

    /** Those that look at least far first. */
    public List<JointRule> all() {
        return rules;
    }

    /** What every rule says about a joint, worst first. */
    public List<Finding> judge(PaperCut cut, int joint) {
        return judged(rules, cut, joint).stream().sorted(WORST_FIRST).toList();
    }

    /**
     * The same for a joint of which what was said before still holds, but for the rules that look as far as this or
     * further.
     */
    public List<Finding> judgeFrom(Sees sight, PaperCut cut, int joint, List<Finding> before) {
        int first = firstThatSees(sight);
        List<Finding> again = judged(rules.subList(first, rules.size()), cut, joint);
        if (again.isEmpty() && before.stream().noneMatch(finding -> places.get(finding.ruleId()) >= first)) {
            return before;
        }
        Stream<Finding> kept = before.stream().filter(finding -> places.get(finding.ruleId()) < first);
        return Stream.concat(kept, again.stream())
                .sorted(WORST_FIRST.thenComparing(finding -> places.get(finding.ruleId())))
                .toList();
    }

    /** The earliest use that any rule looks at to judge a joint; −1 where one would look further than the first. */
    public int looksBackTo(PaperCut cut, int joint) {
        int earliest = joint;
        for (JointRule rule : rules) {
            earliest = Math.min(earliest, rule.looksBackTo(cut, joint));
        }
        return earliest;
    }

    /** What the rules say that look at the two uses alone. */
    public List<Finding> judgeMeeting(PaperCut cut, int joint) {
        return judged(rules.subList(0, firstThatSees(Sees.SHOTS)), cut, joint);
    }

    /** What the other rules say, that look further. */
    public List<Finding> judgeBeyond(PaperCut cut, int joint) {
        return judged(rules.subList(firstThatSees(Sees.SHOTS), rules.size()), cut, joint);
    }

    private int firstThatSees(Sees sight) {
        int first = 0;
        while (rules.get(first).sees().compareTo(sight) < 0) {
            first++;
        }
        return first;
    }

    private static List<Finding> judged(List<JointRule> rules, PaperCut cut, int joint) {
        List<Finding> findings = new ArrayList<>(0);
        if (!rules.isEmpty() && !cut.goesOn(joint)) {
            List<UUID> met = List.of(
                    cut.uses().get(joint).use().id(),
                    cut.uses().get(joint + 1).use().id());
            rules.forEach(rule -> Unjudged.guarded(rule.id(), met, () -> rule.judge(cut, joint))
                    .ifPresent(findings::add));
        }
        return findings;
    }
}
