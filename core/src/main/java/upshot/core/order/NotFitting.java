package upshot.core.order;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.plan.Plan;

/**
 * What a day has no room for, must-haves first. Why it has none is said of the first dozen: to find where each comes nearest
 * to fitting, the day is gone through again, and more than a dozen reasons nobody reads.
 *
 * @param said the first, each with its reason
 * @param others the codes of those that follow
 */
public record NotFitting(List<Said> said, List<String> others) {

    private static final int MOST = 12;

    /**
     * A setup that does not fit.
     *
     * @param words that it does not, and why
     */
    public record Said(DayPlan.Dropped dropped, String words) {}

    /** Worked out once for the plan whose day it is. */
    public static NotFitting of(Plan plan, DayPlan day) {
        return plan.remember(NotFitting.class, () -> workedOut(day));
    }

    private static NotFitting workedOut(DayPlan day) {
        Whys words = new Whys(day);
        List<DayPlan.Dropped> sorted = day.dropped().stream()
                .sorted(Comparator.comparing(dropped -> dropped.setup().priority()))
                .toList();
        return new NotFitting(
                sorted.stream()
                        .limit(MOST)
                        .map(dropped -> new Said(dropped, words.dropped(dropped)))
                        .toList(),
                sorted.stream()
                        .skip(MOST)
                        .map(dropped -> dropped.setup().codes())
                        .toList());
    }

    /** A sentence for each of the first, and one for the others together. */
    public List<String> inWords() {
        return Stream.concat(said.stream().map(Said::words), othersInWords().stream())
                .toList();
    }

    /** The others in a sentence. */
    public Optional<String> othersInWords() {
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of("%d more do not fit: %s.".formatted(others.size(), String.join(", ", others)));
    }
}
