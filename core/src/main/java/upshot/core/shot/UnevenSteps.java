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
import upshot.core.plan.Use;

/** A use shows captured frames in uneven steps, or has to repeat or invent some. */
final class UnevenSteps implements ShotRule {

    private static final double ROUNDING = 1e-6;

    @Override
    public String id() {
        return "uneven-steps";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Even steps",
                "A use shows captured frames in even steps.",
                "Where it has to repeat or invent some, movement stumbles.",
                RuleCard.Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return plan.usesOf(shot).stream()
                .filter(use -> !use.still() && uneven(Math.abs(use.frameStep())))
                .findFirst()
                .map(use -> finding(shot, use));
    }

    private static boolean uneven(double step) {
        return step < 1 - ROUNDING || Math.abs(step - Math.rint(step)) > ROUNDING;
    }

    private Finding finding(Shot shot, Use use) {
        double step = Math.abs(use.frameStep());
        double even = Math.max(1, Math.rint(step)) * Math.signum(use.frameStep());
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id(), use.id()),
                "Uneven steps.",
                new Measured(step, Math.abs(even), Quantity.FRAMES),
                step < 1
                        ? "Each captured frame is shown %s times: some have to be repeated or invented."
                                .formatted(Wording.number(1 / step, 2))
                        : "One of %s captured frames is shown: movement goes in uneven steps."
                                .formatted(Wording.number(step, 2)),
                List.of(new Mend(
                        "Play every %s".formatted(frames((int) Math.abs(even))),
                        Change.edit(use, one -> one.withFrameStep(even)))));
    }

    private static String frames(int every) {
        return switch (every) {
            case 1 -> "frame";
            case 2 -> "second frame";
            case 3 -> "third frame";
            default -> every + "th frame";
        };
    }
}
