package upshot.app.web;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import upshot.core.verdict.Outlook;

/** What a change does to the findings, in words. */
public final class OutlookWords {

    private static final int MOST_NAMED = 3;

    private OutlookWords() {}

    /** "Clears travel flips at joint 7. Raises too alike at joint 9." */
    public static String of(Outlook outlook) {
        return of(outlook, "Clears nothing by itself.");
    }

    /**
     * @param nothing what is said where no finding changes
     */
    public static String of(Outlook outlook, String nothing) {
        String clears = part("Clears", outlook.clears());
        String raises = part("Raises", outlook.raises());
        return clears.isEmpty() && raises.isEmpty() ? nothing : (clears + " " + raises).strip();
    }

    /** A finding without the whole cut where the next one is of the whole cut too. */
    private static String placedOnce(List<String> findings, int index) {
        boolean again = index + 1 < findings.size() && findings.get(index + 1).endsWith(Outlook.IN_THE_WHOLE_CUT);
        return again ? findings.get(index).replace(Outlook.IN_THE_WHOLE_CUT, "") : findings.get(index);
    }

    private static String part(String verb, List<String> findings) {
        if (findings.isEmpty()) {
            return "";
        }
        List<String> first = findings.subList(0, Math.min(MOST_NAMED, findings.size()));
        String named = IntStream.range(0, first.size())
                .mapToObj(i -> placedOnce(first, i))
                .map(words -> words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1))
                .collect(Collectors.joining(", "));
        int more = findings.size() - MOST_NAMED;
        return "%s %s%s.".formatted(verb, named, more > 0 ? " and %d more".formatted(more) : "");
    }
}
