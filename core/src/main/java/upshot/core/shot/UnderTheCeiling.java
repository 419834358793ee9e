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
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

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
        Optional<Double> ceiling = plan.spotOf(plan.actionOf(shot)).ceilingM();
        if (ceiling.isPresent() && shot.cameraHeightM() > ceiling.get() - CEILING_ROOM_M + ROUNDING) {
            double most = ceiling.get() - CEILING_ROOM_M;
            String why = "The ceiling is at %s and the camera needs %s below it."
                    .formatted(Wording.metres(ceiling.get()), Wording.metres(CEILING_ROOM_M));
            return Optional.of(finding(shot, "Under the ceiling.", most, why));
        }
        return reach(plan, shot).map(carrier -> {
            double bound = shot.cameraHeightM() > carrier.highestM() ? carrier.highestM() : carrier.lowestM();
            String why = "%s holds the camera from %s to %s up."
                    .formatted(carrier.name(), Wording.metres(carrier.lowestM()), Wording.metres(carrier.highestM()));
            return finding(shot, "Past the support's reach.", bound, why);
        });
    }

    /** The carrier of the kit that comes nearest, where none of its kind holds the camera at that height. */
    private static Optional<Carrier> reach(Around plan, Shot shot) {
        List<Carrier> carriers = plan.list(RecordKind.CARRIER).stream()
                .filter(carrier -> carrier.support() == shot.support())
                .toList();
        double height = shot.cameraHeightM();
        boolean held = carriers.stream()
                .anyMatch(one -> Numbers.within(height, one.lowestM() - ROUNDING, one.highestM() + ROUNDING));
        return held
                ? Optional.empty()
                : carriers.stream()
                        .min(Comparator.comparingDouble(
                                one -> Math.min(Math.abs(one.lowestM() - height), Math.abs(one.highestM() - height))));
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
