package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.FramePoint;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** In an upright picture the eye is led where buttons and captions will lie. */
final class SafeAreas implements ShotRule {

    @Override
    public String id() {
        return "safe-areas";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Under the buttons",
                "In an upright picture the eye is led to where no buttons and captions lie.",
                "What lies below them is not seen.",
                RuleCard.Source.TRADE,
                Bound.of("covered at the top", 100 * TOP, "%"),
                Bound.of("covered at the bottom", 100 * BOTTOM, "%"),
                Bound.of("covered at the right", 100 * RIGHT, "%"));
    }

    private static final double TOP = 0.14;
    private static final double BOTTOM = 0.22;
    private static final double RIGHT = 0.12;

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        double aspect = plan.brief().aspect().ratio();
        if (aspect >= 1) {
            return Optional.empty();
        }
        FramePoint eye = DrawnFrame.of(plan, shot).eye();
        double fromRight = 1 - eye.u() / aspect;
        if (eye.v() < TOP) {
            return Optional.of(finding(shot, "top", eye.v(), TOP));
        }
        if (1 - eye.v() < BOTTOM) {
            return Optional.of(finding(shot, "bottom", 1 - eye.v(), BOTTOM));
        }
        return fromRight < RIGHT ? Optional.of(finding(shot, "right", fromRight, RIGHT)) : Optional.empty();
    }

    private Finding finding(Shot shot, String edge, double value, double limit) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "Under the buttons.",
                new Measured(100 * value, 100 * limit, Quantity.PERCENT),
                "The eye goes to %s %% from the %s of an upright picture; %s %% are covered there."
                        .formatted(Wording.number(100 * value, 0), edge, Wording.number(100 * limit, 0)),
                List.of());
    }
}
