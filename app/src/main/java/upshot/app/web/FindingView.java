package upshot.app.web;

import java.util.List;
import upshot.core.finding.Finding;

/**
 * A finding as pages show it.
 *
 * @param status clear, watch or break
 */
public record FindingView(String rule, String status, String title, String sentence, List<MendView> mends) {

    /**
     * A mend as a button.
     *
     * @param changes what pressing it posts
     */
    public record MendView(String label, Press press) {}

    public static FindingView of(Finding finding) {
        return new FindingView(
                finding.ruleId(),
                finding.status().label(),
                finding.title(),
                finding.sentence(),
                finding.mends().stream()
                        .map(mend -> new MendView(mend.label(), Press.change(mend.change())))
                        .toList());
    }
}
