package upshot.core.shot;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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

    private static Optional<Rung> shutter(Around plan, Shot shot, double left) {
        double stops = Math.min(SHUTTER_STOPS, left);
        double perSecond = Exposing.shutter(plan, shot).perSecond() * Math.pow(2, stops);
        Shot shorter = shot.withShutterPerS(Optional.of(perSecond));
        return stops < LEAST || !new LampFlicker().judge(plan, shorter).isEmpty()
                ? Optional.empty()
                : Optional.of(new Rung(
                        stops,
                        "Shutter 1/%s, %s".formatted(Wording.number(perSecond, 1), Wording.stops(stops)),
                        Optional.of(Change.edit(shot, one -> one.withShutterPerS(Optional.of(perSecond))))));
    }

    private static Optional<Rung> aperture(Shot shot, double left) {
        double stops = Math.min(left, 2 * Math.log(SMALLEST_N / shot.apertureN()) / Math.log(2));
        if (stops < LEAST) {
            return Optional.empty();
        }
        double closed = Math.round(shot.apertureN() * Math.pow(2, stops / 2) * 100) / 100.0;
        return Optional.of(new Rung(
                stops,
                "Close to f/%s".formatted(Wording.number(closed, 1)),
                Optional.of(Change.edit(shot, one -> one.withApertureN(closed)))));
    }

    private static Optional<Rung> iso(Around plan, Shot shot, double left) {
        int lowest = plan.bodies().get(0).lowestIso();
        double stops = Math.min(left, Math.log((double) shot.iso() / lowest) / Math.log(2));
        int lowered = (int) Math.max(lowest, Math.round(shot.iso() / Math.pow(2, Math.max(0, stops))));
        return stops < LEAST
                ? Optional.empty()
                : Optional.of(new Rung(
                        stops,
                        "ISO %d".formatted(lowered),
                        Optional.of(Change.edit(shot, one -> one.withIso(lowered)))));
    }
}
