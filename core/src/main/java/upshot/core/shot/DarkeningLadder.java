package upshot.core.shot;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.NdFilter;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.shot.ExposureLadder.Rung;

/**
 * Where too many stops go: ND of the kit before the shutter is touched, then a shutter shorter by two thirds of a stop,
 * then the aperture down to f/16, then ISO; what is left asks for more ND.
 */
public final class DarkeningLadder {

    private static final double SHUTTER_STOPS = 2.0 / 3;
    private static final double SMALLEST_N = 16;
    private static final double LEAST = 0.05;

    private DarkeningLadder() {}

    /**
     * The rungs that together take away a number of stops.
     *
     * @param stops above 0 for less light
     */
    public static List<Rung> of(Around plan, Shot shot, double stops) {
        List<Rung> rungs = new ArrayList<>();
        double left = stops;
        left -= add(rungs, nd(plan, shot, left));
        left -= add(rungs, shutter(plan, shot, left));
        left -= add(rungs, aperture(shot, left));
        left -= add(rungs, iso(plan, shot, left));
        if (left > LEAST) {
            rungs.add(new Rung(left, "%s more of ND".formatted(Wording.stops(left)), Optional.empty()));
        }
        return rungs;
    }

    private static double add(List<Rung> rungs, Optional<Rung> rung) {
        Optional<Rung> useful = rung.filter(one -> one.stops() >= LEAST);
        useful.ifPresent(rungs::add);
        return useful.map(Rung::stops).orElse(0.0);
    }

    /** The strongest filter of the kit that does not take too much. */
    private static Optional<Rung> nd(Around plan, Shot shot, double left) {
        return plan.list(RecordKind.ND).stream()
                .filter(filter -> filter.stops() <= left + LEAST && shot.ndStops() + filter.stops() <= 20)
                .max(Comparator.comparingDouble(NdFilter::stops))
                .map(filter -> new Rung(
                        filter.stops(),
                        "%s, %s".formatted(filter.name(), Wording.stops(filter.stops())),
                        Optional.of(Change.edit(shot, one -> one.withNdStops(shot.ndStops() + filter.stops())))));
    }

    /** Marks that take no more than is left, the nearest to it first. */
    private static Optional<Double> nearest(Stream<Double> marks, ToDoubleFunction<Double> stops, double left) {
        return marks.filter(mark -> stops.applyAsDouble(mark) >= LEAST && stops.applyAsDouble(mark) <= left + LEAST)
                .max(Comparator.comparingDouble(stops));
    }

    private static Optional<Rung> shutter(Around plan, Shot shot, double left) {
        double present = Exposing.shutter(plan, shot).perSecond();
        return nearest(
                        Marks.shutter(
                                        plan.bodies().get(0).shutter(),
                                        shot.captureRate().perSecond())
                                .stream()
                                .filter(mark -> new LampFlicker()
                                        .judge(plan, shot.withShutterPerS(Optional.of(mark)))
                                        .isEmpty()),
                        mark -> ExposureLadder.log2(mark / present),
                        Math.min(SHUTTER_STOPS, left))
                .map(mark -> new Rung(
                        ExposureLadder.log2(mark / present),
                        "Shutter 1/%s, %s"
                                .formatted(Wording.number(mark, 1), Wording.stops(ExposureLadder.log2(mark / present))),
                        Optional.of(Change.edit(shot, one -> one.withShutterPerS(Optional.of(mark))))));
    }

    private static Optional<Rung> aperture(Shot shot, double left) {
        return nearest(
                        Marks.APERTURE.stream().filter(mark -> mark <= SMALLEST_N),
                        mark -> 2 * ExposureLadder.log2(mark / shot.apertureN()),
                        left)
                .map(mark -> new Rung(
                        2 * ExposureLadder.log2(mark / shot.apertureN()),
                        "Close to f/%s".formatted(Wording.number(mark, 1)),
                        Optional.of(Change.edit(shot, one -> one.withApertureN(mark)))));
    }

    private static Optional<Rung> iso(Around plan, Shot shot, double left) {
        int lowest = plan.bodies().get(0).lowestIso();
        return nearest(
                        Marks.ISO.stream().filter(mark -> mark >= lowest),
                        mark -> ExposureLadder.log2(shot.iso() / mark),
                        left)
                .map(mark -> new Rung(
                        ExposureLadder.log2(shot.iso() / mark),
                        "ISO %s".formatted(Wording.number(mark, 0)),
                        Optional.of(Change.edit(shot, one -> one.withIso((int) Math.round(mark))))));
    }
}
