package upshot.core.verdict;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Shot;

/**
 * What a change would do to the findings, everywhere in the job.
 *
 * @param clears what would be gone or less serious
 * @param raises what would be new or more serious
 */
public record Outlook(List<String> clears, List<String> raises) {

    /** How the words about the cut as a whole end. */
    public static final String IN_THE_WHOLE_CUT = " in the whole cut";

    private record Said(Status status, String words) {}

    private record Key(String where, String rule, String title, List<UUID> about) {}

    /** The same before and after where the plan would not take the change. */
    public static Outlook of(Verdict before, Change change) {
        try {
            return between(before, Verdict.of(before.plan().apply(change)));
        } catch (InvalidField refused) {
            return new Outlook(List.of(), List.of());
        }
    }

    /** What differs from one verdict to another. */
    public static Outlook between(Verdict before, Verdict after) {
        Map<Key, Said> was = said(before);
        Map<Key, Said> will = said(after);
        List<String> clears = new ArrayList<>();
        List<String> raises = new ArrayList<>();
        was.forEach((key, said) -> {
            if (!will.containsKey(key) || will.get(key).status.compareTo(said.status) < 0) {
                clears.add(said.words);
            }
        });
        will.forEach((key, said) -> {
            if (!was.containsKey(key) || was.get(key).status.compareTo(said.status) < 0) {
                raises.add(said.words);
            }
        });
        return new Outlook(clears, raises);
    }

    private static Map<Key, Said> said(Verdict verdict) {
        Map<Key, Said> all = new LinkedHashMap<>();
        for (int joint = 0; joint < verdict.joints().size(); joint++) {
            String at = " at joint %d".formatted(joint + 1);
            verdict.joints().get(joint).forEach(finding -> put(all, "joint", finding, finding.subject(), at));
        }
        verdict.whole().forEach(finding -> put(all, "whole", finding, List.of(), IN_THE_WHOLE_CUT));
        for (Shot shot : verdict.plan().shots()) {
            verdict.findingsOf(shot)
                    .forEach(finding -> put(all, "shot", finding, List.of(shot.id()), " in " + shot.code()));
        }
        return all;
    }

    private static void put(Map<Key, Said> all, String where, Finding finding, List<UUID> about, String at) {
        if (finding.status() != Status.CLEAR) {
            String title = finding.title().replaceFirst("[.?]$", "");
            all.put(new Key(where, finding.ruleId(), title, about), new Said(finding.status(), title + at));
        }
    }
}
