package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.Support;

/** Whoever films alone is in front of the camera, and nobody is behind it. */
final class FilmsAlone implements ShotRule {

    @Override
    public String id() {
        return "films-alone";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Nobody behind the camera",
                "Who films alone is not asked to carry or turn the camera while in front of it.",
                "The camera has to stand by itself, and the move has to be one that it makes by itself.",
                RuleCard.Source.PLAN);
    }

    /** Whether the one who films is in front of the camera: the shot's own subject, or the action's. */
    static boolean inFrontOfIt(Around plan, Shot shot) {
        return who(plan, shot).films();
    }

    private static Subject who(Around plan, Shot shot) {
        return plan.subjectOf(shot).films() ? plan.subjectOf(shot) : plan.subjectOf(plan.actionOf(shot));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        boolean carried = shot.support().onFoot() || shot.support() == Support.DRONE;
        if (!inFrontOfIt(plan, shot) || !carried && !byHand(shot)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                carried ? "Nobody carries the camera." : "Nobody turns the camera.",
                Measured.unwanted(),
                "%s films alone and is in the action; %s %s."
                        .formatted(
                                who(plan, shot).name(),
                                carried
                                        ? "somebody else would have to hold the"
                                        : "somebody else would have to make the",
                                carried ? shot.support().label() : shot.move().label()),
                List.of(new Mend(
                        "Still, from the tripod",
                        Change.edit(shot, one -> one.withSupport(Support.TRIPOD).withMove(Move.STILL))))));
    }

    /** A slide, an orbit and a lift can be made by a motor; after somebody who goes, nothing turns by itself. */
    private static boolean byHand(Shot shot) {
        return switch (shot.move()) {
            case PAN, TILT, FOLLOW -> true;
            case STILL, SLIDE, PUSH, PULL, LIFT, ORBIT -> false;
        };
    }
}
