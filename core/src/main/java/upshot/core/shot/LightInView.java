package upshot.core.shot;

import java.util.ArrayList;
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
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** A lamp of one's own stands within the picture. Lamps are taken to stand two metres from the subject. */
final class LightInView implements ShotRule {

    /** How far from the subject a lamp stands. */
    static final double LAMP_M = 2;

    private static final int STEP_DEG = 5;

    private record Lamp(String field, String name, double bearingDeg) {}

    @Override
    public String id() {
        return "light-in-view";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A lamp in the picture",
                "No lamp of one's own stands within the picture.",
                "A stand in the frame is a second take.",
                RuleCard.Source.GEOMETRY,
                Bound.of("lamps are taken to stand from the subject", LAMP_M, "m"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        double half = Stand.of(plan, shot).wedgeDeg(plan) / 2;
        return lamps(shot).stream()
                .filter(lamp -> offViewDeg(plan, shot, lamp.bearingDeg) < half)
                .findFirst()
                .map(lamp -> finding(plan, shot, lamp, half));
    }

    private static List<Lamp> lamps(Shot shot) {
        List<Lamp> lamps = new ArrayList<>();
        shot.keyDeg().ifPresent(bearing -> lamps.add(new Lamp("keyDeg", "key", bearing)));
        shot.fillDeg().ifPresent(bearing -> lamps.add(new Lamp("fillDeg", "fill", bearing)));
        shot.backDeg().ifPresent(bearing -> lamps.add(new Lamp("backDeg", "back light", bearing)));
        return lamps;
    }

    /** Between the middle of the view and a lamp, seen from the camera. */
    private static double offViewDeg(Around plan, Shot shot, double lampDeg) {
        double turned = shot.bearingDeg() - lampDeg;
        double across = Math.abs(LAMP_M * Degrees.sin(turned));
        double ahead = Stand.of(plan, shot).groundDistanceM() - LAMP_M * Degrees.cos(turned);
        return Math.toDegrees(Math.atan2(across, ahead));
    }

    private Finding finding(Around plan, Shot shot, Lamp lamp, double half) {
        List<Mend> mends = new ArrayList<>();
        for (int turn = STEP_DEG; turn <= 90 && mends.isEmpty(); turn += STEP_DEG) {
            for (int way : new int[] {1, -1}) {
                double bearing = Degrees.wrap(lamp.bearingDeg + way * turn);
                if (mends.isEmpty() && offViewDeg(plan, shot, bearing) >= half) {
                    mends.add(new Mend(
                            "Move the %s to %s".formatted(lamp.name, Wording.place(bearing)),
                            Change.set(shot, lamp.field, Optional.of(bearing))));
                }
            }
        }
        double off = offViewDeg(plan, shot, lamp.bearingDeg);
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "A lamp is in the picture.",
                new Measured(off, half, Quantity.DEGREES),
                "The %s stands %s off the middle of the view, and the picture reaches %s to either side."
                        .formatted(lamp.name, Wording.degrees(off), Wording.degrees(half)),
                mends);
    }
}
