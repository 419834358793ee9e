package upshot.core.play;

import java.util.List;
import java.util.stream.IntStream;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.frame.Cropped;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.FramePoint;
import upshot.core.frame.Moment;
import upshot.core.frame.Shape;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Posture;

/**
 * A use with its drawings over time. A move of the camera is done once in the use; somebody who crosses a still frame goes
 * at their own speed, but no further than half the frame; slow motion takes so much longer, and what is played backwards
 * goes back.
 *
 * @param code of its shot
 * @param action what it shows
 * @param startFrame counted from 0
 * @param entry how the joint into it is meant
 * @param joinFrames how long the transition into it lasts
 * @param pace "real time", "5× slow"
 * @param keys at least one, evenly spread from its first moment to its last
 */
public record PlayedUse(
        String code,
        String action,
        long startFrame,
        int frames,
        Entry entry,
        int joinFrames,
        String pace,
        List<Key> keys) {

    /** Drawings a second; between them the page draws what lies between. */
    private static final double KEYS_PER_S = 8;

    private static final int MOST_KEYS = 60;
    private static final double HALF_CROSSING = 0.25;
    private static final double HALF_DEPTH = 0.3;
    private static final double STEP_M = 0.75;

    /** One drawing. */
    public record Key(List<Shape> shapes, FramePoint eye) {}

    public PlayedUse {
        keys = List.copyOf(keys);
    }

    static PlayedUse of(PaperCut cut, Placed placed) {
        return new PlayedUse(
                placed.shot().code(),
                placed.action().name(),
                placed.startFrame(),
                placed.use().frames(),
                placed.use().entry(),
                placed.use().joinFrames(),
                placed.picture().playback().label(),
                keys(cut, placed));
    }

    private static List<Key> keys(PaperCut cut, Placed placed) {
        Plan plan = cut.plan();
        Shot shot = placed.shot();
        double wayM = wayM(cut, placed);
        boolean rests = placed.use().still() || wayM == 0 && !moves(shot);
        double screenS = plan.brief().rate().secondsOf(placed.use().frames());
        int steps = rests ? 0 : (int) Math.min(MOST_KEYS, Math.max(1, Math.ceil(screenS * KEYS_PER_S)));
        return IntStream.rangeClosed(0, steps)
                .mapToObj(step -> key(plan, placed, steps == 0 ? 0 : (double) step / steps, wayM))
                .toList();
    }

    private static boolean moves(Shot shot) {
        return shot.move().moving() && shot.move() != Move.FOLLOW
                || shot.alsoMove().moving()
                || shot.zooms();
    }

    private static Key key(Plan plan, Placed placed, double at, double wayM) {
        double share = placed.use().reversed() ? 1 - at : at;
        double gone = (share - 0.5) * wayM;
        boolean walks = placed.action().posture() == Posture.WALKING && wayM != 0;
        Moment moment = new Moment(share, gone, walks ? Math.cos(Math.PI * share * wayM / STEP_M) : 1);
        DrawnFrame drawn = DrawnFrame.at(plan, placed.shot(), moment);
        Cropped shown = new Cropped(placed.use().crop(), plan.brief().aspect().ratio());
        return new Key(shown.shapes(drawn.shapes()), shown.point(drawn.eye()));
    }

    /** How far the subject goes during the use, metres. */
    private static double wayM(PaperCut cut, Placed placed) {
        Action action = placed.action();
        Shot shot = placed.shot();
        if (action.line() != Line.TRAVEL || shot.subjectId().isPresent()) {
            return 0;
        }
        double gone = action.speedMps() * placed.picture().realS();
        if (shot.move() == Move.FOLLOW || shot.move() == Move.PAN) {
            return gone;
        }
        Stand stand = Stand.of(cut.plan(), shot);
        double across = Math.abs(Degrees.sin(shot.bearingDeg()));
        double along = Math.abs(Degrees.cos(shot.bearingDeg()));
        double frameM = stand.framing().heightM() * cut.plan().brief().aspect().ratio();
        double mostAcross = 2 * HALF_CROSSING * frameM / Math.max(across, 1e-6);
        double mostAlong = 2 * HALF_DEPTH * stand.groundDistanceM() / Math.max(along, 1e-6);
        return Math.min(gone, Math.min(mostAcross, mostAlong));
    }
}
