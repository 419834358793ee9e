package upshot.core.verdict;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import upshot.core.finding.Finding;
import upshot.core.house.Threshold;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/**
 * The rules as they were rewritten at one time, so that whoever planned under the ones before can be told what differs.
 *
 * @param number counts up from 1, the first rules that there were
 * @param added ids of rules that the edition before did not have
 * @param otherwise ids of rules that look at something else than before; what they said then cannot be said again
 * @param before figures that it changed, as they were
 */
public record Edition(int number, Set<String> added, Set<String> otherwise, Map<Threshold, Double> before) {

    /** Ids of figures that are set back for a moment; no plan keeps them. */
    private static final long OF_THE_EDITION = 0x4000L;

    private static final long FIRST = 0x8000_0000_0000_0000L;

    /** What jobs are judged by now. */
    public static final Edition LATEST = new Edition(
            2,
            Set.of(
                    "at-the-wall",
                    "backwards",
                    "blocked-sight",
                    "clean-plate",
                    "films-alone",
                    "long-use",
                    "loud-place",
                    "mirror",
                    "outlasts",
                    "second-take",
                    "speech-rate",
                    "up-and-down",
                    "way-out"),
            Set.of(
                    "closing",
                    "coverage",
                    "cutaways",
                    "focus-pull",
                    "lead-room",
                    "light-jump",
                    "move-clash",
                    "move-speed",
                    "no-establishing",
                    "one-height",
                    "pace",
                    "punched-soft",
                    "quick-crossing",
                    "same-seconds",
                    "story-order",
                    "too-alike",
                    "too-dark",
                    "travel-flip",
                    "uneven-steps"),
            Map.of(
                    Threshold.EYE_SHORT, 25.0,
                    Threshold.EYE_MEDIUM, 35.0,
                    Threshold.HAND_HELD_RUN, 12.0,
                    Threshold.ANOTHER_ACTION, 0.0));

    public Edition {
        added = Set.copyOf(added);
        otherwise = Set.copyOf(otherwise);
        before = Map.copyOf(before);
    }

    /** What its new rules and figures raise and clear in a plan; figures that the job has moved itself stay its own. */
    public Outlook brought(Verdict now) {
        return Outlook.between(withoutAdded(Verdict.of(withFiguresBefore(now.plan()))), now);
    }

    private Plan withFiguresBefore(Plan plan) {
        List<Change> changes = new ArrayList<>();
        before.forEach((threshold, value) -> {
            if (plan.adjustment(threshold).isEmpty()) {
                UUID id = new UUID(OF_THE_EDITION, FIRST + threshold.ordinal());
                changes.add(new Change.Add(new Adjustment(id, threshold, value)));
            }
        });
        return plan.apply(Change.batch(changes));
    }

    private Verdict withoutAdded(Verdict verdict) {
        Map<UUID, List<Finding>> shots = new LinkedHashMap<>();
        verdict.shots().forEach((id, findings) -> shots.put(id, without(findings)));
        return new Verdict(
                verdict.plan(),
                verdict.holes(),
                verdict.cut(),
                verdict.joints().stream().map(this::without).toList(),
                without(verdict.whole()),
                shots,
                verdict.numbers(),
                verdict.day());
    }

    private List<Finding> without(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> !added.contains(finding.ruleId()))
                .toList();
    }
}
