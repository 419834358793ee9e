package upshot.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import upshot.core.cut.PaperCut;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Unjudged;
import upshot.core.order.Rolls;
import upshot.core.plan.Memory;

/** All rules on joints. Nothing is asked where a shot only goes on. */
public final class JointRules {

    /** In the order in which they are shown. */
    public static final List<JointRule> ALL = List.of(
            new TooAlike(),
            new EyeJump(),
            new ActionMatch(),
            new MoveClash(),
            new TransitionFit(),
            new SameSeconds(),
            new TravelFlip(),
            new UpAndDown(),
            new LineCross(),
            new SpeedRun(),
            new StateJump(),
            new LightJump());

    private static final List<MeetingRule> MEETING = those(MeetingRule.class);
    private static final List<PastRule> PAST = those(PastRule.class);
    private static final List<DayRule> DAY = those(DayRule.class);

    private static final Map<String, Integer> PLACES = places();

    private static final Comparator<Finding> WORST_FIRST =
            Comparator.comparing(Finding::status).reversed().thenComparing(finding -> PLACES.get(finding.ruleId()));

    private JointRules() {}

    private static <R extends JointRule> List<R> those(Class<R> kind) {
        return ALL.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static Map<String, Integer> places() {
        Map<String, Integer> places = new HashMap<>();
        ALL.forEach(rule -> places.put(rule.id(), places.size()));
        return places;
    }

    /** What every rule says about a joint, worst first, as far as that is not remembered. */
    public static List<Finding> judge(PaperCut cut, int joint, Rolls rolls, Memory memory) {
        Joint now = Joint.of(cut, joint);
        return memory.same(cut.into(joint).use().id(), now).said(cut, joint, rolls);
    }

    /** What every rule says about a joint of a cut that is only being thought of, worst first. */
    public static List<Finding> judge(PaperCut cut, int joint, Rolls rolls) {
        return Joint.of(cut, joint).said(cut, joint, rolls);
    }

    /** What the rules say that look at the two uses alone. */
    public static List<Finding> judgeMeeting(PaperCut cut, int joint) {
        return Joint.of(cut, joint).ofMeeting();
    }

    /** What the other rules say, that look further. */
    public static List<Finding> judgeBeyond(PaperCut cut, int joint, Rolls rolls) {
        Picture out = cut.outOf(joint).picture();
        Picture into = cut.into(joint).picture();
        if (into.goesOnFrom(out)) {
            return List.of();
        }
        Meeting meeting = new Meeting(out, into);
        List<Finding> findings = past(meeting, new Past(cut, joint));
        if (asksDay(meeting)) {
            findings.addAll(day(meeting, rolls.of(out.shot()), rolls.of(into.shot())));
        }
        return findings;
    }

    static List<Finding> meeting(Meeting meeting) {
        return asked(MEETING, meeting, rule -> rule.judge(meeting));
    }

    static List<Finding> past(Meeting meeting, Past past) {
        return asked(PAST, meeting, rule -> rule.judge(meeting, past));
    }

    static boolean asksDay(Meeting meeting) {
        for (DayRule rule : DAY) {
            if (rule.asks(meeting)) {
                return true;
            }
        }
        return false;
    }

    static List<Finding> day(Meeting meeting, OptionalInt outMin, OptionalInt intoMin) {
        return outMin.isEmpty() || intoMin.isEmpty()
                ? List.of()
                : asked(
                        DAY,
                        meeting,
                        rule -> rule.asks(meeting)
                                ? rule.judge(meeting, outMin.getAsInt(), intoMin.getAsInt())
                                : Optional.empty());
    }

    private static <R extends JointRule> List<Finding> asked(
            List<R> rules, Meeting meeting, Function<R, Optional<Finding>> judged) {
        List<UUID> met = List.of(meeting.out().use().id(), meeting.into().use().id());
        List<Finding> findings = new ArrayList<>(0);
        rules.forEach(rule ->
                Unjudged.guarded(rule.id(), met, () -> judged.apply(rule)).ifPresent(findings::add));
        return findings;
    }

    @SafeVarargs
    static List<Finding> worstFirst(List<Finding>... findings) {
        return Stream.of(findings).flatMap(List::stream).sorted(WORST_FIRST).toList();
    }
}
