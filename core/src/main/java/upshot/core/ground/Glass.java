package upshot.core.ground;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.plan.Around;
import upshot.core.plan.Lens;
import upshot.core.plan.Shot;

/** Which lens of the kit a shot's focal length means, and what the kit could take instead. */
public final class Glass {

    private Glass() {}

    /**
     * A lens set to a focal length.
     *
     * @param focalLengthMm one of the lens's marks
     */
    public record Setting(Lens lens, double focalLengthMm) {

        /** "50 mm" of a fixed lens, "24–70 at 35 mm" of a zoom. */
        public String label() {
            return lens.isZoom() ? "%s at %s mm".formatted(lens.name(), mm(focalLengthMm)) : lens.name();
        }

        private static String mm(double focal) {
            return focal == Math.rint(focal) ? Long.toString((long) focal) : Double.toString(focal);
        }
    }

    /** The lens that a shot is taken through: a fixed one of that length before a zoom that reaches it. */
    public static Optional<Lens> of(Around plan, Shot shot) {
        return plan.lenses().stream()
                .filter(lens -> lens.reaches(shot.focalLengthMm()))
                .min(Comparator.comparing(Lens::isZoom));
    }

    /** Every focal length that the kit offers, each through the lens that would be used for it. */
    public static Stream<Setting> settings(Around plan) {
        return plan.lenses().stream().flatMap(lens -> lens.marksMm().stream().map(focal -> new Setting(lens, focal)));
    }
}
