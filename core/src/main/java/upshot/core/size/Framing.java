package upshot.core.size;

import java.util.Optional;

/**
 * What a size means for a subject: the frame's height at the subject and the height it is aimed at.
 *
 * <p>People, full and wider: F = max(k(z_t − z₀), 1.1·breadth/aspect), aimed at z₀ + k_c(z_t − z₀); tighter: F = k·h,
 * aimed at z_t − (1 − k_c)h. Objects: F = k·max(h, breadth/aspect); tighter than full they are aimed at their middle.
 * An insert's height is given. An aim that is given wins always.
 *
 * @param heightM F, metres of the world from the frame's lower to its upper edge, at the subject
 * @param aimM the height above the floor that sits in the frame's middle
 */
public record Framing(double heightM, double aimM) {

    private static final double SIDE_ROOM = 1.1;

    /**
     * @param aspect width by height of the delivered frame
     * @param insertHeightM required for an insert
     */
    public static Framing of(
            Size size,
            Extent subject,
            double bearingDeg,
            double aspect,
            Optional<Double> insertHeightM,
            Optional<Double> aimM) {
        double height = insertHeightM
                .filter(given -> size == Size.INSERT)
                .orElseGet(() -> height(size, subject, bearingDeg, aspect));
        return new Framing(height, aimM.orElseGet(() -> aim(size, subject)));
    }

    private static double height(Size size, Extent subject, double bearingDeg, double aspect) {
        double acrossAsHeight = subject.breadthM(bearingDeg) / aspect;
        if (!subject.person()) {
            return size.heights() * Math.max(subject.heightM(), acrossAsHeight);
        }
        return size.fullOrWider()
                ? Math.max(size.heights() * (subject.topM() - subject.baseM()), SIDE_ROOM * acrossAsHeight)
                : size.heights() * subject.heightM();
    }

    private static double aim(Size size, Extent subject) {
        if (size.fullOrWider()) {
            return subject.baseM() + size.centre() * (subject.topM() - subject.baseM());
        }
        return subject.person() && size != Size.INSERT
                ? subject.topM() - (1 - size.centre()) * subject.heightM()
                : (subject.baseM() + subject.topM()) / 2;
    }

    /** The height of an insert that shows a thing with the usual room round it. */
    public static double insertHeightM(double thingHeightM) {
        return Size.INSERT.heights() * thingHeightM;
    }
}
