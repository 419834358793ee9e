package upshot.core.size;

import java.util.Optional;

/**
 * What a size means for a subject: the frame's height at the subject and the height it is aimed at.
 *
 * <p>People, full and wider: F = max(k(z_t − z₀), 1.1·breadth/aspect), aimed at z₀ + k_c(z_t − z₀); tighter: F = k·h,
 * aimed at z_t − (1 − k_c)h. Objects: F = k·max(h, breadth/aspect); tighter than full they are aimed at their middle.
 * Upright deliveries put the middle of a full at 0.53. A detail of a part has its own height; an insert's is given. An aim
 * that is given wins always.
 *
 * @param heightM F, metres of the world from the frame's lower to its upper edge, at the subject
 * @param aimM the height above the floor that sits in the frame's middle
 */
public record Framing(double heightM, double aimM) {

    private static final double SIDE_ROOM = 1.1;
    private static final double UPRIGHT_FULL_CENTRE = 0.53;

    /**
     * @param aspect width by height of the delivered frame
     * @param heightM what is given of it, by an insert or by the part of the subject that is shown
     * @param aimM what is given of the aim
     */
    public static Framing of(
            Size size,
            Extent subject,
            double bearingDeg,
            double aspect,
            Optional<Double> heightM,
            Optional<Double> aimM) {
        return new Framing(
                heightM.orElseGet(() -> height(size, subject, bearingDeg, aspect)),
                aimM.orElseGet(() -> aim(size, subject, aspect)));
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

    private static double aim(Size size, Extent subject, double aspect) {
        if (size.fullOrWider()) {
            double centre = size == Size.FULL && aspect < 1 ? UPRIGHT_FULL_CENTRE : size.centre();
            return subject.baseM() + centre * (subject.topM() - subject.baseM());
        }
        return subject.person() && size != Size.INSERT
                ? subject.topM() - (1 - size.centre()) * subject.heightM()
                : subject.middleM();
    }

    /** The height of an insert that shows a thing with the usual room round it. */
    public static double insertHeightM(double thingHeightM) {
        return Size.INSERT.heights() * thingHeightM;
    }
}
