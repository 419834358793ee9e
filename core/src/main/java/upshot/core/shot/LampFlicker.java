package upshot.core.shot;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.time.Flicker;

/** Lamps on the mains pulse in the picture, or stand in it as bands. */
final class LampFlicker implements ShotRule {

    @Override
    public String id() {
        return "lamp-flicker";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Lamps that pulse",
                "Lamps on the mains neither beat nor stand as bands in the picture.",
                "A pulse that the shutter does not span shows, and nothing takes it out again.",
                RuleCard.Source.OPTICS,
                Bound.of("of a pulse still seen", STILL_SEEN_DEPTH, ""));
    }

    private static final double STILL_SEEN_DEPTH = 0.03;

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Exposing exposing = Exposing.of(plan, shot);
        return exposing.flicker()
                .filter(flicker -> flicker.look() != Flicker.Look.CLEAR)
                .map(flicker -> finding(plan, shot, exposing, flicker));
    }

    private Finding finding(Around plan, Shot shot, Exposing exposing, Flicker flicker) {
        Spot spot = plan.spotOf(plan.actionOf(shot));
        boolean beats = flicker.look() == Flicker.Look.BEATS;
        String sentence = beats
                ? "%s frames at %s under lamps on %d Hz beat %s times a second on screen."
                        .formatted(
                                shot.captureRate().label(),
                                exposing.shutter(),
                                spot.mainsHz(),
                                Wording.number(flicker.beatHz(), 1))
                : "%s frames at %s under lamps on %d Hz stand still as bands, %s %% deep."
                        .formatted(
                                shot.captureRate().label(),
                                exposing.shutter(),
                                spot.mainsHz(),
                                Wording.number(100 * flicker.depth(), 0));
        return new Finding(
                id(),
                beats ? Status.BREAK : Status.WATCH,
                List.of(shot.id()),
                beats ? "Lamps pulse." : "Lamps show as bands.",
                new Measured(flicker.depth(), STILL_SEEN_DEPTH, Quantity.SHARE),
                sentence,
                mends(plan, shot, spot));
    }

    private static List<Mend> mends(Around plan, Shot shot, Spot spot) {
        List<Mend> mends = new ArrayList<>();
        int pulses = 2 * spot.mainsHz();
        // A whole number of pulses in each frame, and no frame longer than its own time.
        for (int whole = 1; whole <= 4 && shot.captureRate().perSecond() <= (double) pulses / whole; whole++) {
            double perSecond = (double) pulses / whole;
            if (clear(plan, shot.withShutterPerS(Optional.of(perSecond)))) {
                mends.add(new Mend(
                        "Shutter 1/%s".formatted(Wording.number(perSecond, 1)),
                        Change.edit(shot, one -> one.withShutterPerS(Optional.of(perSecond)))));
            }
        }
        if (spot.lampsCanGoOff()) {
            mends.add(new Mend("Lamps off", Change.edit(shot, one -> one.withLampsOff(true))));
        }
        plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .distinct()
                .filter(rate -> Math.abs(pulses / rate.perSecond() - Math.rint(pulses / rate.perSecond())) < 1e-9)
                .filter(rate -> !rate.equals(shot.captureRate()))
                .filter(rate -> clear(plan, shot.withCaptureRate(rate)))
                .min(Comparator.comparingDouble(rate ->
                        Math.abs(Math.log(rate.perSecond() / shot.captureRate().perSecond()))))
                .ifPresent(rate -> mends.add(new Mend(
                        "%s frames a second".formatted(rate.label()),
                        Change.edit(shot, one -> one.withCaptureRate(rate)))));
        return mends;
    }

    private static boolean clear(Around plan, Shot shot) {
        return Exposing.flicker(plan, shot, Exposing.shutter(plan, shot))
                .filter(flicker -> flicker.look() != Flicker.Look.CLEAR)
                .isEmpty();
    }
}
