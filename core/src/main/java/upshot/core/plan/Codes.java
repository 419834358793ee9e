package upshot.core.plan;

import java.util.Collection;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;

/**
 * Gives out shot codes and the letters they begin with. A code that was ever given is never given again, even when
 * its shot is gone: it may stand on a slate or in a file name.
 */
public final class Codes {

    private final Set<String> taken;

    /**
     * @param everGiven all codes that this job has used, removed shots included
     */
    public Codes(Collection<String> everGiven) {
        this.taken = new HashSet<>(everGiven);
    }

    /** The codes of the plan alone, for where no history is kept. */
    public static Codes of(Plan plan) {
        return new Codes(plan.shots().stream().map(Shot::code).toList());
    }

    /** The next free code of an action; asked again it gives the one after. */
    public String next(String prefix) {
        for (int number = 1; ; number++) {
            String code = prefix + number;
            if (taken.add(code)) {
                return code;
            }
        }
    }

    /**
     * Letters for a new action: the first letter of one of its words if that is free, else two or three letters.
     *
     * @param used the prefixes of the plan's other actions
     */
    public static String prefixFor(String actionName, Collection<String> used) {
        Set<String> unavailable = new HashSet<>(used);
        String letters =
                actionName.toUpperCase(Locale.ROOT).replaceAll("[^A-Z ]", "").strip();
        for (String word : letters.split(" +")) {
            if (word.length() > 2 && !word.equals("THE") && unavailable.add(word.substring(0, 1))) {
                return word.substring(0, 1);
            }
        }
        String start = letters.isEmpty() ? "X" : letters.substring(0, 1);
        for (char second = 'A'; second <= 'Z'; second++) {
            if (unavailable.add(start + second)) {
                return start + second;
            }
        }
        for (int index = 0; ; index++) {
            String code = start + (char) ('A' + index / 26 % 26) + (char) ('A' + index % 26);
            if (unavailable.add(code)) {
                return code;
            }
        }
    }
}
