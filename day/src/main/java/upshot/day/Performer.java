package upshot.day;

import java.util.Optional;

/**
 * What somebody in front of the camera can bear.
 *
 * @param effortMin how long they can work without a rest, none for as long as it takes
 * @param restMin how long such a rest is
 * @param released whether they may go after their last shot, so that every minute they are kept counts whole
 */
public record Performer(Optional<Double> effortMin, double restMin, boolean released) {}
