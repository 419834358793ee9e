package upshot.core.joint;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.cut.SeenWay;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.ground.ScreenTravel;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;

/**
 * Two moves work against each other as they are seen: opposite ways across or up, a push against a pull, a cutaway that
 * slides against whatever travels beside it. A move may be left while it goes on: every moving shot is planned with a still
 * second at each end to cut from. Not asked of a whip or of a move that is declared matched, nor of two pictures that
 * follow, whose directions are their subjects'.
 */
final class MoveClash implements MeetingRule {

    private static final double AGAINST = -0.5;

    @Override
    public String id() {
        return "move-clash";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Moves against each other",
                "Two moves do not work against each other; every moving shot has a still end to cut from.",
                "The eye is thrown back.",
                RuleCard.Source.TRADE,
                Bound.of("against each other from", AGAINST, "cosine"));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Picture out = meeting.out();
        Picture into = meeting.into();
        Entry entry = into.use().entry();
        if (entry == Entry.WHIP || entry == Entry.MATCHED || entry == Entry.POSITION) {
            return Optional.empty();
        }
        boolean bothFollow = out.shot().move() == Move.FOLLOW && into.shot().move() == Move.FOLLOW;
        SeenWay one = bothFollow ? SeenWay.STILL : slides(into) ? withTravel(meeting, out, true) : SeenWay.of(out);
        SeenWay other = bothFollow ? SeenWay.STILL : slides(out) ? withTravel(meeting, into, false) : SeenWay.of(into);
        double together = one.dot(other);
        if (together < AGAINST) {
            return Optional.of(finding(
                    out,
                    into,
                    "The moves clash.",
                    new Measured(together, AGAINST, Quantity.COSINE),
                    "%s works against %s.".formatted(seen(out, one), seen(into, other))));
        }
        return Optional.empty();
    }

    private static boolean slides(Picture picture) {
        return picture.action().feature() && picture.shot().move() == Move.SLIDE;
    }

    /** Beside a cutaway that slides, what rests goes the way of what travels in it. */
    private static SeenWay withTravel(Meeting meeting, Picture picture, boolean out) {
        SeenWay own = SeenWay.of(picture);
        ScreenTravel travel = out ? meeting.atOut().travel() : meeting.atIn().travel();
        return own.still() && picture.action().line() == Line.TRAVEL ? SeenWay.across(travel) : own;
    }

    /** "E1 (pull out, backwards: it pushes in)". */
    private static String seen(Picture picture, SeenWay way) {
        Shot shot = picture.shot();
        String move = shot.move().moving()
                ? shot.move().label()
                : picture.action().line().label();
        String seen = picture.use().reversed() ? ", backwards: " : ": ";
        boolean said = !picture.use().reversed() && way.towards() != 0;
        return "%s (%s%s)".formatted(shot.code(), move, said ? "" : seen + way.inWords());
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
