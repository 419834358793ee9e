package upshot.core.frame;

/**
 * A moment of a shot while it runs.
 *
 * @param share how much of its move the camera has done, 0 to 1
 * @param goneM how far the subject is past the place where it was framed, along its own way; negative before it
 * @param stride how far the legs of somebody who walks are apart, −1 to 1
 */
public record Moment(double share, double goneM, double stride) {

    /** As the shot is framed on paper. */
    static final Moment FRAMED = new Moment(0, 0, 1);
}
