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
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.ground.Stand;
import upshot.core.optics.CloseUp;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Dioptre;
import upshot.core.plan.Lens;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/** The focus mark is nearer than the lens can be set, or a close-up glass in front of it does not suit the frame. */
final class TooClose implements ShotRule {

    @Override
    public String id() {
        return "too-close";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Near focus",
                "The lens, with its close-up glass if it has one, can be set to the subject.",
                "Nearer than its mark a lens does not focus at all.",
                RuleCard.Source.KIT);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return Glass.of(plan, shot).filter(lens -> !focuses(plan, shot, lens)).map(lens -> finding(plan, shot, lens));
    }

    /** Whether a lens, with the shot's close-up glass if it has one, can be set to the subject. */
    private static boolean focuses(Around plan, Shot shot, Lens lens) {
        if (shot.dioptrePerM() == 0) {
            return markM(plan, shot) >= lens.nearLimitM();
        }
        CloseUp through = through(plan, shot);
        return !through.tooWide() && !through.tooTight(lens.nearLimitM());
    }

    private static double markM(Around plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        return stand.sensor().focusMarkM(shot.focalLengthMm(), stand.framing().heightM());
    }

    private static CloseUp through(Around plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        return stand.closeUp(shot);
    }

    private Finding finding(Around plan, Shot shot, Lens lens) {
        if (shot.dioptrePerM() > 0) {
            CloseUp through = through(plan, shot);
            double nearest = CloseUp.mappedM(lens.nearLimitM(), shot.dioptrePerM());
            double farthest = CloseUp.mappedM(Double.POSITIVE_INFINITY, shot.dioptrePerM());
            return new Finding(
                    id(),
                    Status.BREAK,
                    List.of(shot.id()),
                    through.tooWide() ? "Too wide for the close-up glass." : "Too close, even with the glass.",
                    new Measured(through.distanceM(), through.tooWide() ? farthest : nearest, Quantity.METRES),
                    "With +%s in front the %s focuses from %s to %s."
                            .formatted(
                                    Wording.number(shot.dioptrePerM(), 1),
                                    lens.name(),
                                    Wording.metres(nearest),
                                    Wording.metres(farthest)),
                    List.of(new Mend("Without the glass", Change.edit(shot, one -> one.withDioptrePerM(0.0)))));
        }
        double mark = markM(plan, shot);
        return new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Too close for the %s.".formatted(lens.name()),
                new Measured(mark, lens.nearLimitM(), Quantity.METRES),
                "It focuses from %s, this needs %s.".formatted(Wording.metres(lens.nearLimitM()), Wording.metres(mark)),
                mends(plan, shot));
    }

    /** Another lens, a close-up glass of the kit, or a punch-in as far as the recorded pixels go. */
    private static List<Mend> mends(Around plan, Shot shot) {
        List<Mend> mends = new ArrayList<>();
        Glass.settings(plan)
                .filter(other -> reaches(plan, shot, other))
                .min(Comparator.comparingDouble(
                        other -> Math.abs(Math.log(other.focalLengthMm() / shot.focalLengthMm()))))
                .ifPresent(other -> mends.add(new Mend(
                        "Take the %s".formatted(other.label()),
                        Change.edit(shot, one -> one.withFocalLengthMm(other.focalLengthMm())))));
        plan.list(RecordKind.DIOPTRE).stream()
                .filter(glass -> helps(plan, shot.withDioptrePerM(glass.strengthPerM())))
                .min(Comparator.comparingDouble(Dioptre::strengthPerM))
                .ifPresent(glass -> mends.add(
                        new Mend(glass.name(), Change.edit(shot, one -> one.withDioptrePerM(glass.strengthPerM())))));
        double most = Math.floor(Recording.of(plan, shot).largestPunchIn() * 10) / 10;
        for (int tenths = 11; tenths <= most * 10; tenths++) {
            Shot closer = shot.withPunchIn(tenths / 10.0);
            if (helps(plan, closer)) {
                mends.add(new Mend("Punch in %s×".formatted(closer.punchIn()), Change.edit(shot, one -> closer)));
                break;
            }
        }
        return mends;
    }

    private static boolean helps(Around plan, Shot changed) {
        return Glass.of(plan, changed)
                .filter(lens -> focuses(plan, changed, lens))
                .isPresent();
    }

    private static boolean reaches(Around plan, Shot shot, Glass.Setting setting) {
        Shot changed = shot.withFocalLengthMm(setting.focalLengthMm());
        return focuses(plan, changed, setting.lens())
                && Stand.of(plan, changed).groundDistanceM() <= Room.onThatSideM(plan, shot);
    }
}
