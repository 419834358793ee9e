package upshot.core.verdict;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Status;
import upshot.core.plan.Accepted;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/** Which findings somebody has looked at and lets stand. A watch that has become a break since, or a value that has become
 * worse by more than a tenth, is open again. */
public final class Acceptances {

    private static final double WORSE_BY = 0.1;

    private final List<Accepted> all;

    private Acceptances(List<Accepted> all) {
        this.all = all;
    }

    public static Acceptances of(Plan plan) {
        return new Acceptances(plan.list(RecordKind.ACCEPTED));
    }

    /** For a finding on a joint. */
    public Optional<Accepted> ofJoint(Finding finding) {
        return find(
                finding,
                Optional.of(finding.subject().get(0)),
                Optional.of(finding.subject().get(finding.subject().size() - 1)),
                Optional.empty());
    }

    /** For a finding on the cut as a whole. */
    public Optional<Accepted> ofWhole(Finding finding) {
        return find(finding, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** For a finding on a shot alone. */
    public Optional<Accepted> ofShot(Shot shot, Finding finding) {
        return find(finding, Optional.empty(), Optional.empty(), Optional.of(shot.id()));
    }

    private Optional<Accepted> find(Finding finding, Optional<UUID> out, Optional<UUID> into, Optional<UUID> shot) {
        if (finding.status() == Status.CLEAR) {
            return Optional.empty();
        }
        return all.stream()
                .filter(one -> one.ruleId().equals(finding.ruleId())
                        && one.outUseId().equals(out)
                        && one.intoUseId().equals(into)
                        && one.shotId().equals(shot))
                .filter(one -> one.breaks() || finding.status() != Status.BREAK)
                .filter(one -> one.measured()
                        .filter(was -> worse(finding.measured(), was))
                        .isEmpty())
                .findFirst();
    }

    /** Whether it lies further on the wrong side of its limit than was let stand, by more than a tenth of that. */
    private static boolean worse(Measured now, double was) {
        double further = (now.value() - was) * Math.signum(now.value() - now.limit());
        return further > WORSE_BY * Math.abs(was);
    }

    /** How serious the findings of a joint are that nobody lets stand. */
    public Status open(List<Finding> joint) {
        return Verdict.status(
                joint.stream().filter(finding -> ofJoint(finding).isEmpty()).toList());
    }
}
