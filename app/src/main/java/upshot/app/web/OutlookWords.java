package upshot.app.web;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
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

    private static String part(String verb, List<String> findings) {
        if (findings.isEmpty()) {
            return "";
        }
        String named = findings.stream()
                .limit(MOST_NAMED)
                .map(words -> words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1))
                .collect(Collectors.joining(", "));
        int more = findings.size() - MOST_NAMED;
        return "%s %s%s.".formatted(verb, named, more > 0 ? " and %d more".formatted(more) : "");
    }
}
