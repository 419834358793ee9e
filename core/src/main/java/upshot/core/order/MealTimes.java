package upshot.core.order;

import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.IntStream;
import upshot.core.plan.Brief;
import upshot.day.Windows;

/** When people eat who can choose: from half past eleven to half past two, and from six to half past eight. */
final class MealTimes {

    private static final int DAY_MIN = 24 * 60;
    private static final List<LocalTime> FROM = List.of(LocalTime.of(11, 30), LocalTime.of(18, 0));
    private static final List<LocalTime> UNTIL = List.of(LocalTime.of(14, 30), LocalTime.of(20, 30));

    private MealTimes() {}

    /** Those of all days on which a crew works, in minutes after the brief's call; the one under way at the call is cut. */
    static List<Windows.Span> of(Brief brief, List<Crew> crews) {
        int days = 2 + crews.stream().mapToInt(Crew::dayOffset).max().orElse(0);
        return IntStream.range(0, days)
                .boxed()
                .flatMap(day -> IntStream.range(0, FROM.size()).mapToObj(meal -> span(brief, day, meal)))
                .toList();
    }

    private static Windows.Span span(Brief brief, int day, int meal) {
        int until = day * DAY_MIN + brief.minutesAfterCall(UNTIL.get(meal));
        int lasts = (int) Duration.between(FROM.get(meal), UNTIL.get(meal)).toMinutes();
        return new Windows.Span(Math.max(0, until - lasts), until);
    }
}
