package upshot.core.whole;

import java.util.List;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Rule;
import upshot.core.finding.Unjudged;

/** A rule about the cut as a whole. */
public interface WholeRule extends Rule {

    /** All of them, in the order in which they are shown. */
    List<WholeRule> ALL = List.of(
            new Length(),
            new Opening(),
            new Ending(),
            new Mirror(),
            new ShortEnds(),
            new Telling(),
            new BeatLength(),
            new Cutaways(),
            new MovingShare(),
            new HandHeldRun(),
            new OneHeight(),
            new Pace(),
            new LongUse(),
            new OnTheBeat(),
            new SlowShare());

    /** What the rule has to say against a cut of at least one use. */
    List<Finding> judge(PaperCut cut);

    /** What every rule says against a cut; nothing while it is empty. */
    static List<Finding> judgeAll(PaperCut cut) {
        return cut.uses().isEmpty()
                ? List.of()
                : ALL.stream()
                        .flatMap(rule -> Unjudged.guardedAll(rule.id(), List.of(), () -> rule.judge(cut)).stream())
                        .toList();
    }
}
