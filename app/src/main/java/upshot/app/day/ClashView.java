package upshot.app.day;

import java.util.List;
import upshot.core.late.Clash;
import upshot.core.plan.Priority;
import upshot.core.verdict.Verdict;

/** Why must-haves cannot all be shot, where few limits explain it. */
record ClashView(List<String> limits) {

    /** In a larger day the search for a clash takes longer than a page may. */
    private static final int MOST_SETUPS = 60;

    /** Empty limits where everything that must be is shot, or no small clash explains why not. */
    static ClashView of(Verdict verdict) {
        boolean small = verdict.day().shoot().size() <= MOST_SETUPS;
        boolean missing = small
                && verdict.day().dropped().stream()
                        .anyMatch(dropped -> dropped.setup().priority() == Priority.MUST);
        return new ClashView(missing ? Clash.of(verdict.plan()).limits() : List.of());
    }
}
