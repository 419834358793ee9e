package upshot.core.shot;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import upshot.core.finding.Mend;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.ground.Stand;
import upshot.core.optics.DepthOfField;
import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.Lens;
import upshot.core.plan.NdFilter;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/**
 * Where the stops come from, in the order in which they cost least: ND off, shutter up to two thirds of a stop, then aperture
 * to the lens's limit, then ISO, then lamps. All as the camera's own marks.
 */
public final class ExposureLadder {

    private static final double SHUTTER_STOPS = 2.0 / 3;
    private static final double LEAST = 0.05;
    private static final double ROUNDING = 0.02;

    private ExposureLadder() {}

    /**
     * One rung.
     *
     * @param stops what it gives
     * @param label what to do
     * @param change of the shot; empty where it is done elsewhere
     */
    public record Rung(double stops, String label, Optional<Change> change) {}

    /**
     * The rungs that together give a wanted number of stops, or as many as there are.
     *
     * @param stops above 0 for more light
     */
    public static List<Rung> brighter(Around plan, Shot shot, double stops) {
        List<Rung> rungs = new ArrayList<>();
        double missing = stops;
        missing -= add(rungs, nd(plan, shot, missing));
        missing -= add(rungs, shutter(plan, shot, missing));
        missing -= add(rungs, aperture(plan, shot, missing));
        missing -= add(rungs, iso(plan, shot, missing));
        if (missing > LEAST) {
            rungs.add(new Rung(missing, "%s of lamps".formatted(Wording.stops(missing)), Optional.empty()));
        }
        return rungs;
    }

    private static double add(List<Rung> rungs, Optional<Rung> rung) {
        rung.ifPresent(rungs::add);
        return rung.map(Rung::stops).orElse(0.0);
    }

    /** Rungs as mends: each changes one thing. */
    static List<Mend> mends(Around plan, Shot shot, double stops) {
        return brighter(plan, shot, stops).stream()
                .filter(rung -> rung.change().isPresent())
                .map(rung -> new Mend(rung.label(), rung.change().get()))
                .toList();
    }

    /** The mark that gives what is missing, or as much as there is. */
    static Optional<Double> nearest(Stream<Double> marks, ToDoubleFunction<Double> stops, double missing) {
        List<Double> useful =
                marks.filter(mark -> stops.applyAsDouble(mark) >= LEAST).toList();
        return useful.stream()
                .filter(mark -> stops.applyAsDouble(mark) >= missing - ROUNDING)
                .min(Comparator.comparingDouble(stops))
                .or(() -> useful.stream().max(Comparator.comparingDouble(stops)));
    }

    static double log2(double ratio) {
        return Math.log(ratio) / Math.log(2);
    }

    /** Off altogether, or so far as a weaker filter of the kit allows. */
    private static Optional<Rung> nd(Around plan, Shot shot, double missing) {
        if (missing <= 0 || shot.ndStops() == 0) {
            return Optional.empty();
        }
        double left = plan.list(RecordKind.ND).stream()
                .map(NdFilter::stops)
                .filter(stops -> stops <= shot.ndStops() - missing + ROUNDING)
                .max(Comparator.naturalOrder())
                .orElse(0.0);
        double stops = shot.ndStops() - left;
        return Optional.of(new Rung(
                stops,
                left == 0 ? "ND off" : "ND of %s instead".formatted(Wording.stops(left)),
                Optional.of(Change.edit(shot, one -> one.withNdStops(left)))));
    }

    /** Longer, up to two thirds of a stop and to the frame's own time, as long as no lamps begin to flicker. */
    private static Optional<Rung> shutter(Around plan, Shot shot, double missing) {
        double present = Exposing.shutter(plan, shot).perSecond();
        double captured = shot.captureRate().perSecond();
        if (missing <= 0) {
            return Optional.empty();
        }
        return nearest(
                        Marks.shutter(plan.bodies().get(0).shutter(), captured).stream()
                                .filter(mark -> mark >= captured - ROUNDING)
                                .filter(mark -> log2(present / mark) <= SHUTTER_STOPS + LEAST)
                                .filter(mark -> new LampFlicker()
                                        .judge(plan, shot.withShutterPerS(Optional.of(mark)))
                                        .isEmpty()),
                        mark -> log2(present / mark),
                        missing)
                .map(mark -> new Rung(
                        log2(present / mark),
                        "Shutter 1/%s, %s".formatted(Wording.number(mark, 1), Wording.stops(log2(present / mark))),
                        Optional.of(Change.edit(shot, one -> one.withShutterPerS(Optional.of(mark))))));
    }

    private static Optional<Rung> aperture(Around plan, Shot shot, double missing) {
        double widest = Glass.of(plan, shot).map(Lens::widestN).orElse(shot.apertureN());
        if (missing <= 0) {
            return Optional.empty();
        }
        return nearest(
                        Stream.concat(Stream.of(widest), Marks.APERTURE.stream())
                                .filter(mark -> mark >= widest && mark < shot.apertureN()),
                        mark -> 2 * log2(shot.apertureN() / mark),
                        missing)
                .map(mark -> new Rung(
                        2 * log2(shot.apertureN() / mark),
                        "Open to f/%s, sharp %s".formatted(Wording.number(mark, 1), sharp(plan, shot, mark)),
                        Optional.of(Change.edit(shot, one -> one.withApertureN(mark)))));
    }

    private static String sharp(Around plan, Shot shot, double apertureN) {
        Stand stand = Stand.of(plan, shot);
        DepthOfField depth = DepthOfField.of(stand.sensor(), shot.focalLengthMm(), apertureN, stand.distanceM());
        return "%s to %s"
                .formatted(
                        Wording.metres(depth.nearM()),
                        Double.isInfinite(depth.farM()) ? "the horizon" : Wording.metres(depth.farM()));
    }

    private static Optional<Rung> iso(Around plan, Shot shot, double missing) {
        Body body = plan.bodies().get(0);
        if (missing <= 0) {
            return Optional.empty();
        }
        return nearest(
                        Marks.ISO.stream().filter(mark -> mark > shot.iso() && mark <= body.highestIso()),
                        mark -> log2(mark / shot.iso()),
                        missing)
                .map(mark -> new Rung(
                        log2(mark / shot.iso()),
                        "ISO %s".formatted(Wording.number(mark, 0)),
                        Optional.of(Change.edit(shot, one -> one.withIso((int) Math.round(mark))))));
    }
}
