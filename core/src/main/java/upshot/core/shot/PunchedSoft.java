package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** More is cut out of the recorded picture than it has pixels for. */
final class PunchedSoft implements ShotRule {

    @Override
    public String id() {
        return "punched-soft";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Pixels for the punch-in",
                "No more is cut out of the recorded picture than it has pixels for.",
                "Beyond that it is softer than it is delivered.",
                RuleCard.Source.OPTICS);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        double most = Math.max(1, Recording.of(plan, shot).largestPunchIn());
        double cropped = plan.usesOf(shot).stream()
                .mapToDouble(use -> use.crop().cropZoom())
                .max()
                .orElse(1);
        double wanted = shot.punchIn() * cropped;
        if (wanted <= most + 1e-9) {
            return Optional.empty();
        }
        double mended = Math.max(1, Math.floor(most / cropped * 100) / 100);
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Softer than it is delivered.",
                new Measured(wanted, most, Quantity.TIMES),
                "%s of %s× is wanted, the recorded picture has pixels for %s×."
                        .formatted(
                                cropped > 1 ? "A crop" : "A punch-in",
                                Wording.number(wanted, 2),
                                Wording.number(most, 2)),
                shot.punchIn() > mended
                        ? List.of(new Mend(
                                "Punch in %s×".formatted(Wording.number(mended, 2)),
                                Change.edit(shot, one -> one.withPunchIn(mended))))
                        : List.of()));
    }
}
