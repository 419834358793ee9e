package upshot.core.learn;

import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.house.Threshold;

/**
 * What days have taught, a sentence each.
 *
 * @param days how many days with a log that is
 * @param changes how many changes from setup to setup said something
 * @param minutes figures that a job can take over
 * @param habits what becomes of what is planned
 */
public record Taught(int days, int changes, List<Lesson> minutes, List<String> habits) {

    private static final double HALF_MINUTE = 0.5;
    private static final double SHORT_MIN = 2;
    private static final int TENTHS = 10;

    /**
     * A figure that could be another.
     *
     * @param minutes as people say them: half minutes, tenths below two
     */
    public record Lesson(Threshold threshold, double minutes, String sentence) {}

    /**
     * Looks at all days together.
     *
     * @param foretold what editors said of each
     * @param planned minutes of each figure in the job that would take them over
     */
    public static Taught of(List<ShotDay> days, List<Foretold> foretold, ToDoubleFunction<Threshold> planned) {
        List<List<Spent>> changes = days.stream().map(Changeovers::of).toList();
        List<Spent> all = changes.stream().flatMap(List::stream).toList();
        List<Lesson> minutes = Learning.of(all, planned).stream()
                .filter(one -> rounded(one.minutes()) != one.planned())
                .map(one -> lesson(one, daysWith(changes, one.threshold())))
                .toList();
        Foretold editors = foretold.stream().reduce(new Foretold(0, 0), Foretold::and);
        List<String> habits =
                Stream.concat(Habits.of(days).stream(), editors.said()).toList();
        return new Taught(days.size(), all.size(), minutes, habits);
    }

    private static long daysWith(List<List<Spent>> changes, Threshold part) {
        return changes.stream()
                .filter(day -> day.stream()
                        .map(Spent::parts)
                        .flatMap(Set::stream)
                        .collect(Collectors.toSet())
                        .contains(part))
                .count();
    }

    private static Lesson lesson(Learnt one, long days) {
        double minutes = rounded(one.minutes());
        return new Lesson(
                one.threshold(),
                minutes,
                "%s: %s min, not %s. %s in %s."
                        .formatted(
                                Wording.capital(one.threshold().label()),
                                Wording.number(minutes, 1),
                                Wording.number(one.planned(), 1),
                                Wording.count(one.times(), "change"),
                                Wording.count(days, "day")));
    }

    private static double rounded(double minutes) {
        return minutes < SHORT_MIN
                ? Math.rint(TENTHS * minutes) / TENTHS
                : Math.rint(minutes / HALF_MINUTE) * HALF_MINUTE;
    }
}
