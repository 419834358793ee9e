package upshot.day;

/**
 * What a setup is shot from and with, as numbers of places, supports, lenses and so on: equal for the same, and less
 * for what comes first in the usual order.
 *
 * @param stand the same number only where nothing at all has to be changed
 * @param spot row of {@link Changes#walkMin}
 * @param support place in {@link Changes#rigMin}
 * @param balanced whether the support has to be balanced again for another lens
 * @param lamps how own lamps are placed, 0 where there are none
 * @param dark whether the spot's lamps are off
 */
public record Gear(int stand, int spot, int support, boolean balanced, int lens, int rate, int lamps, boolean dark) {}
