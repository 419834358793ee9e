package upshot.core.shot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Mend;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.ground.Stand;
import upshot.core.optics.DepthOfField;
import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.Lens;
import upshot.core.plan.Shot;

/**
 * Where the stops come from, in the order in which they cost least: shutter up to two thirds of a stop, then aperture to
 * the lens's limit, then ISO, then lamps. All in the camera's third stops.
 */
public final class ExposureLadder {

    private static final double SHUTTER_STOPS = 2.0 / 3;
    private static final int THIRDS = 3;

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
        missing -= add(rungs, shutter(plan, shot, missing));
        missing -= add(rungs, aperture(plan, shot, missing));
        missing -= add(rungs, iso(plan, shot, missing));
        if (missing > 0.05) {
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

    private static double thirds(double stops) {
        return Math.ceil(stops * THIRDS - 1e-9) / THIRDS;
    }

    /** Longer, up to two thirds of a stop and to the frame's own time, as long as no lamps begin to flicker. */
    private static Optional<Rung> shutter(Around plan, Shot shot, double missing) {
        double present = Exposing.shutter(plan, shot).perSecond();
        double wanted = Math.min(SHUTTER_STOPS, thirds(missing));
        double perSecond = Math.max(shot.captureRate().perSecond(), present / Math.pow(2, wanted));
        double stops = Math.log(present / perSecond) / Math.log(2);
        Shot longer = shot.withShutterPerS(Optional.of(perSecond));
        boolean safe = new LampFlicker().judge(plan, longer).isEmpty();
        return missing <= 0 || stops < 0.05 || !safe
                ? Optional.empty()
                : Optional.of(new Rung(
                        stops,
                        "Shutter 1/%s, %s".formatted(Wording.number(perSecond, 1), Wording.stops(stops)),
                        Optional.of(Change.edit(shot, one -> one.withShutterPerS(Optional.of(perSecond))))));
    }

    private static Optional<Rung> aperture(Around plan, Shot shot, double missing) {
        double widest = Glass.of(plan, shot).map(Lens::widestN).orElse(shot.apertureN());
        double possible = 2 * Math.log(shot.apertureN() / widest) / Math.log(2);
        double stops = Math.min(thirds(missing), possible);
        if (missing <= 0 || stops < 0.05) {
            return Optional.empty();
        }
        double opened = Math.round(shot.apertureN() / Math.pow(2, stops / 2) * 100) / 100.0;
        Stand stand = Stand.of(plan, shot);
        DepthOfField depth =
                DepthOfField.of(stand.sensor(), shot.focalLengthMm(), Math.max(widest, opened), stand.distanceM());
        return Optional.of(new Rung(
                stops,
                "Open to f/%s, sharp %s to %s"
                        .formatted(
                                Wording.number(Math.max(widest, opened), 1),
                                Wording.metres(depth.nearM()),
                                Double.isInfinite(depth.farM()) ? "the horizon" : Wording.metres(depth.farM())),
                Optional.of(Change.edit(shot, one -> one.withApertureN(Math.max(widest, opened))))));
    }

    private static Optional<Rung> iso(Around plan, Shot shot, double missing) {
        Body body = plan.bodies().get(0);
        double possible = Math.log((double) body.highestIso() / shot.iso()) / Math.log(2);
        double stops = Math.min(thirds(missing), possible);
        if (missing <= 0 || stops < 0.05) {
            return Optional.empty();
        }
        int raised = (int) Math.min(body.highestIso(), Math.round(shot.iso() * Math.pow(2, stops)));
        return Optional.of(new Rung(
                stops, "ISO %d".formatted(raised), Optional.of(Change.edit(shot, one -> one.withIso(raised)))));
    }
}
