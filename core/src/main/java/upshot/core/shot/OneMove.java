package upshot.core.shot;

import java.util.ArrayList;
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
import upshot.core.plan.MoveReason;
import upshot.core.plan.Shot;

/** More than one move in a shot, or a zoom during it, unless the camera follows a mover. */
final class OneMove implements ShotRule {

    @Override
    public String id() {
        return "one-move";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "One move",
                "A shot makes one move, and no zoom with it.",
                "Into two moves at once no editor can cut.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        boolean two = shot.move().moving() && shot.alsoMove().moving();
        if (!two && !shot.zooms() || shot.move() == Move.FOLLOW || shot.reason() == MoveReason.FOLLOWS) {
            return Optional.empty();
        }
        List<String> moves = new ArrayList<>();
        List<Mend> mends = new ArrayList<>();
        for (Move move : List.of(shot.move(), shot.alsoMove())) {
            if (move.moving()) {
                moves.add(move.label());
            }
        }
        if (shot.zooms()) {
            moves.add("zoom");
            mends.add(new Mend("No zoom", Change.edit(shot, one -> one.withZooms(false))));
        }
        if (two) {
            mends.add(only(shot, shot.move()));
            mends.add(only(shot, shot.alsoMove()));
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "More than one move.",
                new Measured(moves.size(), 1, Quantity.COUNT),
                "%s in one shot: the editor can cut into neither. One move a shot, or split it into single moves."
                        .formatted(Wording.capital(String.join(" and ", moves))),
                mends));
    }

    private static Mend only(Shot shot, Move kept) {
        return new Mend(
                "Only %s".formatted(kept.label()),
                Change.batch(List.of(
                        Change.edit(shot, one -> one.withMove(kept)),
                        Change.edit(shot, one -> one.withAlsoMove(Move.STILL)))));
    }
}
