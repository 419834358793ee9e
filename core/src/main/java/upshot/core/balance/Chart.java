package upshot.core.balance;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.finding.Finding;

/**
 * One way of looking at the seconds of a cut.
 *
 * @param id stable, in lower case with hyphens
 * @param wanted what the school in force asks, in words; empty where nothing is asked
 * @param parts in the order in which they are drawn; their seconds add up to the cut
 * @param findings what the rules say on it
 */
public record Chart(String id, String title, String wanted, List<Part> parts, List<Finding> findings) {

    /**
     * A part of the seconds.
     *
     * @param seconds on screen
     * @param wantedS how many were meant for it, where something was
     * @param uses whose seconds they are, in edit order
     */
    public record Part(String label, double seconds, Optional<Double> wantedS, List<UUID> uses) {}

    public Chart {
        parts = List.copyOf(parts);
        findings = List.copyOf(findings);
    }

    static List<Finding> said(List<Finding> findings, Set<String> rules) {
        return findings.stream()
                .filter(finding -> rules.contains(finding.ruleId()))
                .toList();
    }
}
