package upshot.day;

/**
 * What a crew needs beside work, all in minutes.
 *
 * @param talkMin unloading and the safety talk at the call
 * @param breakAfterMin work without a break at most
 * @param breakMin of a break
 * @param mealByMin after the call, when the meal is over at the latest where work goes on
 * @param mealMin of the meal
 * @param mealNotBeforeMin after the call: waiting that begins earlier is no meal
 */
public record Rests(
        double talkMin,
        double breakAfterMin,
        double breakMin,
        double mealByMin,
        double mealMin,
        double mealNotBeforeMin) {}
