package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** The subject walks out of what is sharp while the shot is on screen. */
final class FocusPull implements ShotRule {

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
        Moving moving = Moving.of(plan, shot);
        ShotNumbers numbers = ShotNumbers.of(plan, shot);
        double from = numbers.stand().distanceM();
        boolean towards = Degrees.cos(shot.bearingDeg()) > 0;
        double until = Math.max(0.05, towards ? from - moving.depthChangeM() : from + moving.depthChangeM());
        boolean sharp =
                until >= numbers.depth().nearM() && until <= numbers.depth().farM();
        if (sharp) {
            return Optional.empty();
        }
        double limit = towards ? numbers.depth().nearM() : numbers.depth().farM();
        double realS = moving.playback().realS(moving.screenS());
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "Pull the focus.",
                new Measured(until, limit, Quantity.METRES),
                "Pull from %s to %s in %s s: sharp ends at %s."
                        .formatted(
                                Wording.metres(from),
                                Wording.metres(until),
                                Wording.number(realS, 1),
                                Wording.metres(limit)),
                List.of()));
    }
}
