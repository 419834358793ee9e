package upshot.app.cut;

import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.frame.DrawnFrame;
import upshot.core.verdict.Acceptances;
import upshot.core.verdict.Verdict;
import upshot.exchange.svg.FrameSvg;

/**
 * The panel of one joint.
 *
 * @param number 1 for the joint between the first and the second use
 * @param status clear, watch, break, or accepted where all that was said is let stand
 * @param verdict the same in words
 * @param over both frames laid over each other with the way of the eye
 * @param entry the transition and how long it lasts
 * @param needs what the transition needs and asks of the shoot
 * @param findings worst first
 */
record JointPanel(
        int number,
        String status,
        String verdict,
        FrameView out,
        FrameView into,
        String over,
        List<FieldView> entry,
        String needs,
        List<CutFinding> findings) {

    static JointPanel of(Verdict verdict, int index) {
        Placed out = verdict.cut().outOf(index);
        Placed into = verdict.cut().into(index);
        String status = status(verdict, index);
        return new JointPanel(
                index + 1,
                status,
                said(status),
                FrameView.of(verdict, out.shot()),
                FrameView.of(verdict, into.shot()),
                over(verdict, out, into),
                List.of(
                        FieldView.choice(into.use(), "entry", "Transition"),
                        FieldView.number(into.use(), "joinFrames", "Lasts", "frames")),
                Transitions.needs(into.use().entry()),
                verdict.joints().get(index).stream()
                        .map(finding -> CutFinding.ofJoint(verdict, finding))
                        .toList());
    }

    /** What the mark of a joint shows: the worst that nobody lets stand, or that something is let stand. */
    static String status(Verdict verdict, int index) {
        List<Finding> findings = verdict.joints().get(index);
        Status open = Acceptances.of(verdict.plan()).open(findings);
        boolean letStand = open == Status.CLEAR && Verdict.status(findings) != Status.CLEAR;
        return letStand ? "accepted" : open.label();
    }

    static String said(String status) {
        return switch (status) {
            case "clear" -> "is clear";
            case "watch" -> "wants watching";
            case "accepted" -> "is let stand";
            default -> "breaks";
        };
    }

    private static String over(Verdict verdict, Placed out, Placed into) {
        DrawnFrame one = DrawnFrame.of(verdict.plan(), out.shot());
        DrawnFrame other = DrawnFrame.of(verdict.plan(), into.shot());
        double far = Math.hypot(
                        one.eye().u() - other.eye().u(),
                        one.eye().v() - other.eye().v())
                / Math.max(1, one.aspect());
        return FrameSvg.over(
                one,
                other,
                "%s and %s laid over each other; the eye goes %s %% of the long side"
                        .formatted(out.shot().code(), into.shot().code(), Wording.number(100 * far, 0)));
    }
}
