package upshot.app.cut;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.app.web.FindingView;
import upshot.app.web.OutlookWords;
import upshot.app.web.Press;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.plan.Accepted;
import upshot.core.verdict.Acceptances;
import upshot.core.verdict.Outlook;
import upshot.core.verdict.Verdict;

/**
 * A finding on the cut, with what each mend would do elsewhere and whether somebody lets it stand.
 *
 * @param shown clear, watch, break, or accepted
 * @param mends each with its outlook
 * @param acceptable lets it stand, with a reason; null where there is nothing to accept
 * @param accepted the record that lets it stand, empty where nobody does
 * @param reason why somebody lets it stand
 */
record CutFinding(
        FindingView finding, String shown, List<LookedMend> mends, Press acceptable, String accepted, String reason) {

    private static final int MOST_LOOKED_AT = 6;

    /**
     * A mend as a button.
     *
     * @param clears how many findings would be gone, or less serious
     * @param raises how many would be new, or more serious
     * @param outlook which, as a sentence
     */
    record LookedMend(String label, Press press, int clears, int raises, String outlook) {

        static LookedMend of(Verdict verdict, Mend mend) {
            Outlook outlook = Outlook.of(verdict, mend.change());
            return new LookedMend(
                    mend.label(),
                    Press.change(mend.change()),
                    outlook.clears().size(),
                    outlook.raises().size(),
                    OutlookWords.of(outlook));
        }
    }

    static CutFinding ofJoint(Verdict verdict, Finding finding) {
        List<UUID> about = finding.subject();
        return of(
                verdict,
                finding,
                Acceptances.of(verdict.plan()).ofJoint(finding),
                about.get(0).toString(),
                about.get(about.size() - 1).toString());
    }

    static CutFinding ofWhole(Verdict verdict, Finding finding) {
        return of(verdict, finding, Acceptances.of(verdict.plan()).ofWhole(finding), "", "");
    }

    private static CutFinding of(
            Verdict verdict, Finding finding, Optional<Accepted> accepted, String outUseId, String intoUseId) {
        boolean open = finding.status() != Status.CLEAR && accepted.isEmpty();
        Press acceptable = Press.gesture(
                "accept-finding",
                "ruleId",
                finding.ruleId(),
                "outUseId",
                outUseId,
                "intoUseId",
                intoUseId,
                "breaks",
                finding.status() == Status.BREAK,
                "measured",
                finding.measured().value());
        return new CutFinding(
                FindingView.of(finding),
                accepted.isPresent() ? "accepted" : finding.status().label(),
                open ? looked(verdict, finding.mends()) : List.of(),
                open ? acceptable : null,
                accepted.map(one -> one.id().toString()).orElse(""),
                accepted.map(Accepted::reason).orElse(""));
    }

    private static List<LookedMend> looked(Verdict verdict, List<Mend> mends) {
        return mends.stream()
                .limit(MOST_LOOKED_AT)
                .map(mend -> LookedMend.of(verdict, mend))
                .toList();
    }
}
