package upshot.core.handoff;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Rule;
import upshot.core.finding.Status;

/** A rule that looks at one picture of the cut as it was shot. */
public interface AsShotRule extends Rule {

    /** In the order in which they are shown. */
    List<AsShotRule> ALL = List.of(
            new KeptTooShort(),
            new KeptWithoutHandles(),
            new RecordedOtherwise(),
            new RecordedTurned(),
            new KeptWithoutConsent());

    /**
     * Judges a picture.
     *
     * @param ratio of the cut, width by height
     */
    Optional<Finding> judge(UseAsShot use, double ratio);

    /** What every rule says of a picture. */
    static List<Finding> judgeAll(UseAsShot use, double ratio) {
        return ALL.stream().flatMap(rule -> rule.judge(use, ratio).stream()).toList();
    }

    /** A finding of this rule about a use. */
    default Finding finding(UseAsShot use, Status status, String title, Measured measured, String sentence) {
        return new Finding(id(), status, List.of(use.placed().use().id()), title, measured, sentence, List.of());
    }
}
