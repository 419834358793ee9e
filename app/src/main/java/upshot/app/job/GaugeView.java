package upshot.app.job;

import java.util.List;
import upshot.core.finding.Wording;
import upshot.core.verdict.Gauges;
import upshot.core.verdict.Verdict;

/**
 * One gauge of the header.
 *
 * @param brief its name where there is little room
 * @param wanting whether it asks for attention
 * @param help what the figure means
 */
record GaugeView(String figure, String name, String brief, boolean wanting, String help) {

    static List<GaugeView> of(Verdict verdict) {
        Gauges gauges = verdict.gauges();
        return List.of(
                new GaugeView(
                        Integer.toString(gauges.openHoles()),
                        gauges.openHoles() == 1 ? "open hole" : "open holes",
                        "holes",
                        gauges.openHoles() > 0,
                        "Coverage that is still missing"),
                new GaugeView(
                        Integer.toString(gauges.brokenJoints()),
                        gauges.brokenJoints() == 1 ? "joint breaks" : "joints break",
                        "breaks",
                        gauges.brokenJoints() > 0,
                        "Joints of the paper cut with at least one break"),
                new GaugeView(
                        slack(gauges.slackMin()),
                        "day slack",
                        "slack",
                        gauges.slackMin() < 0,
                        gauges.slackMin() < 0
                                ? "Hours and minutes that do not fit into the day"
                                : "Hours and minutes that can be lost at any one point of the day"),
                new GaugeView(
                        Wording.number(gauges.footageRatio(), 1) + "×",
                        "footage",
                        "footage",
                        gauges.footageRatio() < 1,
                        "Usable seconds planned for each second of promo"));
    }

    private static String slack(int minutes) {
        return "%s%d:%02d".formatted(minutes < 0 ? "−" : "+", Math.abs(minutes) / 60, Math.abs(minutes) % 60);
    }
}
