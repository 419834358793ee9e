package upshot.core.shot;

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
import upshot.core.measure.Numbers;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;

/** The camera is within 0.3 m of the ceiling, or past what its support reaches. */
final class UnderTheCeiling implements ShotRule {

    @Override
    public String id() {
        return "under-the-ceiling";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Under the ceiling",
                "Camera and support fit below the ceiling, and the support holds that height.",
                "A height that nobody can rig is found out on the day.",
                RuleCard.Source.KIT,
                Bound.of("kept free below the ceiling", CEILING_ROOM_M, "m"));
    }

    private static final double CEILING_ROOM_M = 0.3;
    private static final double ROUNDING = 1e-9;

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Optional<Double> ceiling = Room.ofTheCamera(plan, shot).ceilingM();
        if (ceiling.isPresent() && shot.cameraHeightM() > ceiling.get() - CEILING_ROOM_M + ROUNDING) {
            double most = ceiling.get() - CEILING_ROOM_M;
            String why = "The ceiling is at %s and the camera needs %s below it."
                    .formatted(Wording.metres(ceiling.get()), Wording.metres(CEILING_ROOM_M));
            return Optional.of(finding(shot, "Under the ceiling.", most, why));
        }
        return reach(plan, shot).map(held -> {
            double bound = shot.cameraHeightM() > held.highestM() ? held.highestM() : held.lowestM();
            String why = "%s holds the camera from %s to %s up."
                    .formatted(held.name(), Wording.metres(held.lowestM()), Wording.metres(held.highestM()));
            return finding(shot, "Past the support's reach.", bound, why);
        });
    }

    /** From where to where something holds the camera. */
    private record Held(String name, double lowestM, double highestM) {

        boolean reaches(double heightM) {
            return Numbers.within(heightM, lowestM - ROUNDING, highestM + ROUNDING);
        }

        double missesByM(double heightM) {
            return Math.min(Math.abs(lowestM - heightM), Math.abs(highestM - heightM));
        }
    }

    /** What comes nearest, where nothing of its kind in the kit holds the camera at that height. */
    private static Optional<Held> reach(Around plan, Shot shot) {
        List<Held> inTheKit = plan.list(RecordKind.CARRIER).stream()
                .filter(carrier -> carrier.support() == shot.support())
                .map(carrier -> new Held(carrier.name(), carrier.lowestM(), carrier.highestM()))
                .toList();
        List<Held> all = inTheKit.isEmpty() ? usual(shot.support()) : inTheKit;
        double height = shot.cameraHeightM();
        return all.stream().anyMatch(held -> held.reaches(height))
                ? Optional.empty()
                : all.stream().min(Comparator.comparingDouble(held -> held.missesByM(height)));
    }

    /** What can be had without naming it. */
    private static List<Held> usual(Support support) {
        return switch (support) {
            case GROUND -> List.of(new Held("A ground plate", 0.03, 0.4));
            case TRIPOD -> List.of(new Held("A tripod", 0.15, 1.9));
            case HAND_HELD, SHOULDER -> List.of(new Held("A hand", 0.05, 2.1));
            case GIMBAL, SLIDER, OVERHEAD, TURNTABLE, MOUNT, DRONE -> List.of();
        };
    }

    private Finding finding(Shot shot, String title, double bound, String why) {
        double mended = Math.max(0.02, Math.floor(bound * 100 + ROUNDING) / 100);
        return new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                title,
                new Measured(shot.cameraHeightM(), bound, Quantity.METRES),
                why,
                List.of(new Mend(
                        "Bring the camera to %s".formatted(Wording.metres(mended)),
                        Change.edit(shot, one -> one.withCameraHeightM(mended)))));
    }
}
