package upshot.core.learn;

import upshot.core.house.Threshold;

/**
 * A figure that days have taught otherwise than it is planned with.
 *
 * @param minutes what it took
 * @param planned what it is planned with
 * @param times in how many changes it was seen
 */
record Learnt(Threshold threshold, double minutes, double planned, int times) {}
