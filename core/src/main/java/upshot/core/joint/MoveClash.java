package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;

/**
 * Two moves work against each other: opposite ways across or up, a push against a pull, or a move that is cut off while
 * it goes on, into a still frame. Not asked of a whip or of a move that is declared matched.
 */
final class MoveClash implements MeetingRule {

    private static final double AGAINST = -0.5;
    private static final double STILL_AT_END_S = 0.5;
    private static final double STILL_ENDS_S = 1;

    /**
     * Which way the camera goes, together of length one, or nowhere.
     *
     * @param right across the picture, below zero to the left
     * @param up likewise, below zero down
     * @param towards the subject, below zero away from it
     */
    private record Way(double right, double up, double towards) {

        double dot(Way other) {
            return right * other.right + up * other.up + towards * other.towards;
        }

        boolean still() {
            return dot(this) == 0;
        }
    }

    @Override
    public String id() {
        return "move-clash";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Moves against each other",
                "Neither do two moves work against each other, nor is one cut off into a still picture.",
                "The eye is thrown back.",
                RuleCard.Source.TRADE,
                Bound.of("against each other from", AGAINST, "cosine"),
                Bound.of("still at the end", STILL_AT_END_S, "s"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        Entry entry = into.use().entry();
        if (entry == Entry.WHIP || entry == Entry.MATCHED || entry == Entry.POSITION) {
            return Optional.empty();
        }
        Way one = way(out);
        Way other = way(into);
        double together = one.dot(other);
        if (together < AGAINST) {
            return Optional.of(finding(
                    out,
                    into,
                    "The moves clash.",
                    new Measured(together, AGAINST, Quantity.COSINE),
                    "%s (%s) works against %s (%s)."
                            .formatted(
                                    out.shot().code(),
                                    out.shot().move().label(),
                                    into.shot().code(),
                                    into.shot().move().label())));
        }
        boolean cutOff = !one.still()
                && other.still()
                && stillAtEndS(out).filter(s -> s < STILL_AT_END_S).isPresent();
        return cutOff
                ? Optional.of(finding(
                        out,
                        into,
                        "The move is cut off.",
                        new Measured(stillAtEndS(out).orElseThrow(), STILL_AT_END_S, Quantity.SECONDS),
                        "%s is still moving when a still frame comes: let it rest for half a second."
                                .formatted(out.shot().code())))
                : Optional.empty();
    }

    /** Of unit length, turned round where the use runs backwards. */
    private static Way way(Picture picture) {
        Shot shot = picture.shot();
        double sign = (shot.moveBack() ? -1 : 1) * Math.signum(picture.use().frameStep());
        double played = Math.signum(picture.use().frameStep());
        return switch (shot.move()) {
            case STILL -> new Way(0, 0, 0);
            case PAN, SLIDE, ORBIT -> new Way(sign, 0, 0);
            case TILT, LIFT -> new Way(0, sign, 0);
            case PUSH -> new Way(0, 0, played);
            case PULL -> new Way(0, 0, -played);
            case FOLLOW ->
                switch (Stand.travel(picture.around(), shot, played < 0)) {
                    case LEFT_TO_RIGHT -> new Way(1, 0, 0);
                    case RIGHT_TO_LEFT -> new Way(-1, 0, 0);
                    case NEUTRAL -> new Way(0, 0, 0);
                };
        };
    }

    /** How long a moving shot has rested when the use ends; empty while it is open where the use begins. */
    private static Optional<Double> stillAtEndS(Picture picture) {
        double rests = ShotNumbers.of(picture.around(), picture.shot()).hold().cleanS() - STILL_ENDS_S;
        return picture.use().inS().map(from -> Math.max(0, from + picture.realS() - rests));
    }

    private Finding finding(Picture out, Picture into, String title, Measured measured, String why) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(out.use().id(), into.use().id()),
                title,
                measured,
                why,
                Mends.later(() -> List.of(
                        new Mend(
                                "Hold %s still".formatted(out.shot().code()),
                                Change.edit(out.shot(), one -> one.withMove(Move.STILL))),
                        new Mend("Mark as matched", Change.edit(into.use(), one -> one.withEntry(Entry.MATCHED))))));
    }
}
