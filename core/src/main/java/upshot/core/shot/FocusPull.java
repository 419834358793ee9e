package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Lens;
import upshot.core.plan.Shot;

/** The subject walks out of what is sharp while the shot is on screen. */
final class FocusPull implements ShotRule {

    /** Where the lens is not known. */
    private static final double NEAREST_M = 0.3;

    @Override
    public String id() {
        return "focus-pull";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Sharp all the way",
                "The subject stays within what is sharp while the shot is on screen.",
                "Where it does not, somebody has to pull, and that is planned and not found out.",
                RuleCard.Source.OPTICS);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        boolean passesTheCamera = shot.frameUse() == FrameUse.STEPS_OVER;
        return passesTheCamera
                ? Optional.empty()
                : Moving.worst(plan, shot, Moving::depthChangeM).stream()
                        .flatMap(moving -> judge(plan, shot, moving).stream())
                        .findFirst();
    }

    private Optional<Finding> judge(Around plan, Shot shot, Moving moving) {
        ShotNumbers numbers = ShotNumbers.of(plan, shot);
        double from = numbers.stand().distanceM();
        boolean towards = Degrees.cos(shot.bearingDeg()) > 0;
        double until = towards ? from - moving.depthChangeM() : from + moving.depthChangeM();
        boolean sharp =
                until >= numbers.depth().nearM() && until <= numbers.depth().farM();
        if (sharp) {
            return Optional.empty();
        }
        double limit = towards ? numbers.depth().nearM() : numbers.depth().farM();
        double near = Glass.of(plan, shot).map(Lens::nearLimitM).orElse(NEAREST_M);
        double inS = moving.playback().realS(moving.screenS());
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                until < near ? "It comes too near to stay sharp." : "Pull the focus.",
                new Measured(Math.max(until, 0), limit, Quantity.METRES),
                until < near
                        ? "It comes up to the camera in %s s; set the focus where it matters, sharp ends at %s."
                                .formatted(Wording.number(inS, 1), Wording.metres(limit))
                        : "Pull %s in %s s: sharp ends at %s."
                                .formatted(pull(from, until), Wording.number(inS, 1), Wording.metres(limit)),
                List.of()));
    }

    /** Where both ends would read alike, by how much. */
    private static String pull(double from, double until) {
        return Wording.metres(from).equals(Wording.metres(until))
                ? "from %s by %s mm %s"
                        .formatted(
                                Wording.metres(from),
                                Wording.number(1000 * Math.abs(until - from), 1),
                                until < from ? "nearer" : "farther")
                : "from %s to %s".formatted(Wording.metres(from), Wording.metres(until));
    }
}
