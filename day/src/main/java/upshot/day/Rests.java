package upshot.day;

import java.util.List;

/**
 * What a crew needs beside work, all in minutes.
 *
 * @param talkMin unloading and the safety talk at the call
 * @param breakAfterMin work without a break at most
 * @param breakMin of a break
 * @param mealByMin after the call or the last meal, when the meal begins at the latest where work goes on
 * @param mealMin of the meal
 * @param mealNotBeforeMin after the call or the last meal, when it begins at the earliest
 * @param mealTimes when it begins where that can be had, after the brief's call
 */
public record Rests(
        double talkMin,
        double breakAfterMin,
        double breakMin,
        double mealByMin,
        double mealMin,
        double mealNotBeforeMin,
        List<Windows.Span> mealTimes) {

    public Rests {
        mealTimes = List.copyOf(mealTimes);
    }
}
