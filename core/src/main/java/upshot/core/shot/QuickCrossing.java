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
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;

/** Somebody is through a still frame before the use is over. */
final class QuickCrossing implements ShotRule {

    @Override
    public String id() {
        return QUICK_CROSSING;
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Through the frame too soon",
                "Whoever crosses a still frame is in it as long as it is on screen.",
                "What is left is an empty frame.",
                RuleCard.Source.GEOMETRY);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Moving moving = Moving.of(plan, shot);
        double crossing = moving.crossingS();
        if (shot.move() != Move.STILL || moving.screenS() <= crossing + 1e-9) {
            return Optional.empty();
        }
        Status status = moving.screenS() > 2 * crossing + 1e-9 ? Status.BREAK : Status.WATCH;
        return Optional.of(new Finding(
                id(),
                status,
                List.of(shot.id()),
                "Gone in %s s.".formatted(Wording.number(crossing, 2)),
                new Measured(moving.screenS(), crossing, Quantity.SECONDS),
                "The middle of the frame is crossed in %s s and the shot is on screen for %s s."
                        .formatted(Wording.number(crossing, 2), Wording.number(moving.screenS(), 2)),
                mends(plan, shot, moving)));
    }

    private static List<Mend> mends(Around plan, Shot shot, Moving moving) {
        List<Mend> mends = new ArrayList<>();
        mends.add(new Mend("Follow it", Change.edit(shot, one -> one.withMove(Move.FOLLOW))));
        plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .filter(rate -> rate.compareTo(shot.captureRate()) > 0)
                .filter(rate -> Moving.of(plan, shot.withCaptureRate(rate)).crossingS() >= moving.screenS())
                .min(Comparator.naturalOrder())
                .ifPresent(rate -> mends.add(new Mend(
                        "Slower, from %s frames".formatted(rate.label()),
                        Change.edit(shot, one -> one.withCaptureRate(rate)))));
        return mends;
    }
}
