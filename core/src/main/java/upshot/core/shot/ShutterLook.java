package upshot.core.shot;

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
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Shot;
import upshot.core.time.Shutter;

/** Movement smears more or less than the school wants, or so little that it stutters. */
final class ShutterLook implements ShotRule {

    @Override
    public String id() {
        return "shutter-look";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "How movement smears",
                "Movement smears as much as the school wants.",
                "Too little smear stutters, too much turns to mush; how much is right is a school.",
                RuleCard.Source.SCHOOL,
                Bound.of("stutters below", STUTTERS_BELOW_DEG, "°"),
                Bound.of("half open, from", STRICT_LEAST_DEG, "°"),
                Bound.of("half open, to", STRICT_MOST_DEG, "°"),
                Bound.of("crisp, from", CRISP_LEAST_DEG, "°"),
                Bound.of("crisp, to", CRISP_MOST_DEG, "°"));
    }

    private static final double STRICT_LEAST_DEG = 113;
    private static final double STRICT_MOST_DEG = 286;
    private static final double CRISP_LEAST_DEG = 90;
    private static final double CRISP_MOST_DEG = 120;
    private static final double STUTTERS_BELOW_DEG = 60;
    private static final double ROUNDING = 1e-6;

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Shutter shutter = Exposing.shutter(plan, shot);
        double frame = shutter.angleDeg(shot.captureRate());
        if (frame > 360 + ROUNDING) {
            return Optional.of(finding(shot, Status.BREAK, "Shutter longer than a frame.", frame, 360, shutter));
        }
        return Moving.each(plan, shot).stream()
                .map(moving -> shutter.shownDeg(plan.brief().rate(), moving.playback()))
                .distinct()
                .flatMap(shown -> judge(plan, shot, action, shutter, shown).stream())
                .findFirst();
    }

    private Optional<Finding> judge(Around plan, Shot shot, Action action, Shutter shutter, double shown) {
        boolean moves = shot.move().moving() || action.line() == Line.TRAVEL;
        if (moves && shown < STUTTERS_BELOW_DEG - ROUNDING) {
            return Optional.of(finding(shot, Status.WATCH, "Movement stutters.", shown, STUTTERS_BELOW_DEG, shutter));
        }
        return switch (plan.house().shutter()) {
            case FREE -> Optional.empty();
            case HALF_OPEN -> outside(shot, shown, STRICT_LEAST_DEG, STRICT_MOST_DEG, shutter);
            case CRISP ->
                action.quick() ? outside(shot, shown, CRISP_LEAST_DEG, CRISP_MOST_DEG, shutter) : Optional.empty();
        };
    }

    private Optional<Finding> outside(Shot shot, double shown, double least, double most, Shutter shutter) {
        if (Numbers.within(shown, least - ROUNDING, most + ROUNDING)) {
            return Optional.empty();
        }
        boolean little = shown < least;
        String title = little ? "Movement looks chopped." : "Movement smears.";
        return Optional.of(finding(shot, Status.WATCH, title, shown, little ? least : most, shutter));
    }

    private Finding finding(Shot shot, Status status, String title, double value, double limit, Shutter shutter) {
        return new Finding(
                id(),
                status,
                List.of(shot.id()),
                title,
                new Measured(value, limit, Quantity.DEGREES),
                "%s at %s frames smears over %s of a shown frame; %s is the bound."
                        .formatted(shutter, shot.captureRate().label(), Wording.degrees(value), Wording.degrees(limit)),
                shot.shutterPerS().isPresent()
                        ? List.of(new Mend(
                                "The school's shutter",
                                Change.edit(shot, one -> one.withShutterPerS(Optional.empty()))))
                        : List.of());
    }
}
