package upshot.day;

/**
 * When a setup is made ready and shot.
 *
 * @param gettingReady the crew turns to it
 * @param ready the camera stands
 * @param roll shooting begins
 * @param end shooting is over
 */
public record Times(Minute gettingReady, Minute ready, Minute roll, Minute end) {}
