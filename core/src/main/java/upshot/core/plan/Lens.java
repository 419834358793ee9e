package upshot.core.plan;

import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A lens in the kit, fixed or zoom.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param focalLengthMm its focal length, or the short end of a zoom, 4 to 1200 mm
 * @param longestMm the long end of a zoom; the same as the focal length when it is fixed
 * @param widestN the smallest f-number, 0.7 to 45
 * @param narrowestN the largest f-number, not below the smallest, up to 64
 * @param nearLimitM the nearest focus mark, 0.01 to 50 m
 * @param squeeze how much it squeezes the picture across, 1 to 2; 1 for none
 */
public record Lens(
        UUID id,
        String name,
        double rank,
        double focalLengthMm,
        double longestMm,
        double widestN,
        double narrowestN,
        double nearLimitM,
        double squeeze)
        implements PlanRecord {

    private static final List<Double> USUAL_MM =
            List.of(12.0, 16.0, 18.0, 20.0, 24.0, 28.0, 35.0, 50.0, 70.0, 85.0, 100.0, 135.0, 200.0, 300.0, 400.0);

    public Lens {
        Check.present("id", id);
        name = text("name", "name of the lens", name, 1, 60);
        rank = Check.rank(rank);
        focalLengthMm = range("focalLengthMm", "focal length", focalLengthMm, 4, 1200, "mm");
        longestMm = range("longestMm", "long end", longestMm, 4, 1200, "mm");
        if (longestMm < focalLengthMm) {
            throw new InvalidField(
                    "longestMm",
                    "The long end (%s mm) is shorter than the short end (%s mm).".formatted(longestMm, focalLengthMm));
        }
        widestN = range("widestN", "aperture", widestN, 0.7, 45, "");
        narrowestN = range("narrowestN", "smallest aperture", narrowestN, 0.7, 64, "");
        if (narrowestN < widestN) {
            throw new InvalidField(
                    "narrowestN",
                    "The smallest aperture (f/%s) is wider than the widest (f/%s).".formatted(narrowestN, widestN));
        }
        nearLimitM = range("nearLimitM", "near limit", nearLimitM, 0.01, 50, "m");
        squeeze = range("squeeze", "squeeze", squeeze, 1, 2, "×");
    }

    /** A lens of one focal length that closes to f/22. */
    public static Lens fixed(UUID id, String name, double focalLengthMm, double widestN, double nearLimitM) {
        return zoom(id, name, focalLengthMm, focalLengthMm, widestN, nearLimitM);
    }

    /** A zoom that closes to f/22. */
    public static Lens zoom(
            UUID id, String name, double shortestMm, double longestMm, double widestN, double nearLimitM) {
        return new Lens(id, name, 0, shortestMm, longestMm, widestN, Math.max(22, widestN), nearLimitM, 1);
    }

    public boolean isZoom() {
        return longestMm > focalLengthMm;
    }

    /** Whether it can be set to a focal length. */
    public boolean reaches(double focalMm) {
        return focalMm >= focalLengthMm && focalMm <= longestMm;
    }

    /** The focal lengths that are written on it: both ends and the usual ones between them. */
    public List<Double> marksMm() {
        return Stream.concat(
                        Stream.of(focalLengthMm, longestMm), USUAL_MM.stream().filter(this::reaches))
                .distinct()
                .sorted()
                .toList();
    }

    @Override
    public String label() {
        return name;
    }
}
