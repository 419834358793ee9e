package upshot.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import upshot.core.coverage.Hole;
import upshot.core.finding.Finding;
import upshot.core.order.DayPlan;
import upshot.core.order.NotFitting;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;
import upshot.exchange.csv.ShotListCsv;
import upshot.exchange.json.PlanJson;

/** All that is said of a plan, in words that can be compared. */
public final class Golden {

    private Golden() {}

    /** By the name of the part. */
    public static Map<String, String> of(Verdict verdict) {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("verdict", String.join("\n", findings(verdict)));
        parts.put("order", String.join("\n", order(verdict)));
        parts.put("cut.csv", ShotListCsv.inCutOrder(verdict));
        parts.put("day.csv", ShotListCsv.inShootingOrder(verdict));
        parts.put("plan.json", PlanJson.write(verdict.plan()));
        return parts;
    }

    private static List<String> findings(Verdict verdict) {
        List<String> said = new ArrayList<>();
        for (Hole hole : verdict.holes()) {
            said.add("hole %s %s %s %s".formatted(hole.actionId(), hole.sizeClass(), hole.view(), hole.misses()));
        }
        for (Shot shot : verdict.plan().shots()) {
            verdict.findingsOf(shot).forEach(finding -> said.add(said(shot.code(), finding)));
        }
        for (int joint = 0; joint < verdict.joints().size(); joint++) {
            for (Finding finding : verdict.joints().get(joint)) {
                said.add(said("joint " + (joint + 1), finding));
            }
        }
        verdict.whole().forEach(finding -> said.add(said("whole", finding)));
        return said;
    }

    private static String said(String where, Finding finding) {
        return "%s: %s %s %s %s"
                .formatted(where, finding.ruleId(), finding.status().label(), finding.title(), finding.sentence());
    }

    private static List<String> order(Verdict verdict) {
        List<String> said = new ArrayList<>();
        for (DayPlan.Slot slot : verdict.day().slots()) {
            said.add("%d %s %d to %d, crew %d"
                    .formatted(
                            slot.number(),
                            slot.setup().codes(),
                            slot.times().gettingReady().afterCall(),
                            slot.times().end().afterCall(),
                            slot.crew().index()));
        }
        said.addAll(NotFitting.of(verdict.plan(), verdict.day()).inWords());
        said.add("slack %d".formatted(verdict.day().slackMin()));
        return said;
    }
}
