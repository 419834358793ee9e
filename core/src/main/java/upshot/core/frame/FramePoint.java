package upshot.core.frame;

/**
 * A place in the frame.
 *
 * @param u from the left edge, in frame heights
 * @param v from the upper edge, in frame heights
 */
public record FramePoint(double u, double v) {}
