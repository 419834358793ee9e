package upshot.core.shot;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.OtherBearing;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

/**
 * Somebody is through a still frame before the use is over. Where they come in, go out or pass, the empty frame is meant,
 * and only a crossing that nobody can see is said.
 */
final class QuickCrossing implements ShotRule {

    private static final double UNSEEN_S = 0.5;
    private static final double ROUNDING = 1e-9;

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
                RuleCard.Source.GEOMETRY,
                RuleCard.Bound.of("passing, the whole frame at least", UNSEEN_S, "s"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        if (shot.move() != Move.STILL) {
            return Optional.empty();
        }
        return Moving.worst(plan, shot, moving -> moving.screenS() / moving.crossingS()).stream()
                .flatMap(moving -> judge(plan, shot, moving).stream())
                .findFirst();
    }

    private Optional<Finding> judge(Around plan, Shot shot, Moving moving) {
        if (shot.frameUse() != FrameUse.STAYS) {
            double whole = 2 * moving.crossingS();
            return whole >= UNSEEN_S - ROUNDING
                    ? Optional.empty()
                    : Optional.of(finding(
                            plan,
                            shot,
                            moving,
                            Status.WATCH,
                            new Measured(whole, UNSEEN_S, Quantity.SECONDS),
                            "It is through the whole frame in %s s: nobody will see what it was."
                                    .formatted(Wording.number(whole, 2))));
        }
        double crossing = moving.crossingS();
        if (moving.screenS() <= crossing + ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(finding(
                plan,
                shot,
                moving,
                moving.screenS() > 2 * crossing + ROUNDING ? Status.BREAK : Status.WATCH,
                new Measured(moving.screenS(), crossing, Quantity.SECONDS),
                "The middle of the frame is crossed in %s s and the shot is on screen for %s s."
                        .formatted(Wording.number(crossing, 2), Wording.number(moving.screenS(), 2))));
    }

    private Finding finding(Around plan, Shot shot, Moving moving, Status status, Measured measured, String why) {
        return new Finding(
                id(),
                status,
                List.of(shot.id()),
                "Gone in %s s.".formatted(Wording.number(moving.crossingS(), 2)),
                measured,
                why,
                Mends.later(() -> mends(plan, shot)));
    }

    private static boolean seen(Around plan, Shot shot) {
        return new QuickCrossing().judge(plan, shot).isEmpty()
                && new MoveSpeed().judge(plan, shot).isEmpty();
    }

    private static List<Mend> mends(Around plan, Shot shot) {
        List<Mend> mends = new ArrayList<>();
        Shot followed = shot.withMove(Move.FOLLOW).withReason(MoveReason.FOLLOWS);
        if (seen(plan, followed)) {
            mends.add(new Mend("Follow it", Change.edit(shot, one -> followed)));
        }
        Shot panned = shot.withMove(Move.PAN).withReason(MoveReason.FOLLOWS);
        if (seen(plan, panned)) {
            mends.add(new Mend("Pan with it", Change.edit(shot, one -> panned)));
        }
        Arrays.stream(Size.values())
                .filter(size -> size.ordinal() < shot.size().ordinal() && seen(plan, shot.withSize(size)))
                .max(Comparator.naturalOrder())
                .ifPresent(size -> mends.add(new Mend(
                        "Make it %s".formatted(Wording.one(size.label())),
                        Change.edit(shot, one -> one.withSize(size)))));
        OtherBearing.smallest(plan, shot, candidate -> seen(plan, candidate))
                .ifPresent(bearing -> mends.add(new Mend(
                        "From %s, more along its way".formatted(Wording.place(bearing)),
                        Change.edit(shot, one -> one.withBearingDeg(bearing)))));
        plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .filter(rate -> rate.compareTo(shot.captureRate()) > 0)
                .filter(rate -> seen(plan, shot.withCaptureRate(rate)))
                .min(Comparator.naturalOrder())
                .ifPresent(rate -> mends.add(new Mend(
                        "Slower, from %s frames".formatted(rate.label()),
                        Change.edit(shot, one -> one.withCaptureRate(rate)))));
        return mends;
    }
}
