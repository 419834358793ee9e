package upshot.core.verdict;

/**
 * The four figures above all stages.
 *
 * @param openHoles coverage that is missing
 * @param brokenJoints joints with at least one break
 * @param slackMin minutes the day can lose, below zero what does not fit
 * @param footageRatio usable seconds planned for each second of promo
 */
public record Gauges(int openHoles, int brokenJoints, int slackMin, double footageRatio) {}
