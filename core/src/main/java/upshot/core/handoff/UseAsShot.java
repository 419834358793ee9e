package upshot.core.handoff;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Shot;

/**
 * A use of the cut with the clip that it shows.
 *
 * @param placed as it was planned, in its place
 * @param source what it shows; none for a hole
 * @param chosen whether somebody said so
 * @param lack what is missing of it
 * @param refused who is in it and does not want to be seen
 */
public record UseAsShot(Placed placed, Optional<Source> source, boolean chosen, Lack lack, List<String> refused) {

    /**
     * A stretch of a clip.
     *
     * @param kept of which take it is, if it is of a keeper of some shot
     * @param clip the clip
     * @param inFrame the first picture of it that is seen, or the last where it runs backwards
     * @param frames how many pictures of the clip go by, at least 1
     * @param speed seconds of the clip, by its header, in a second of the cut: 0.2 for five times slow, 0 for a still
     */
    public record Source(Optional<Kept> kept, Clip clip, int inFrame, int frames, double speed) {

        /** Whether the clip's own header slows it down. */
        public boolean slow() {
            return speed != 0 && Math.abs(speed) < 1;
        }

        /** Pictures before it that an editor can use. */
        public int handleBefore() {
            return inFrame;
        }

        /** Pictures behind it. */
        public int handleBehind() {
            return Math.max(0, clip.frames() - inFrame - frames);
        }
    }

    /**
     * What the clean stretch is short of, seconds of playback.
     *
     * @param useS of what is seen; 0 where all of it is there
     * @param handlesS of the handles on both sides together, beyond that
     */
    public record Lack(double useS, double handlesS) {

        static final Lack NONE = new Lack(0, 0);
    }

    public UseAsShot {
        refused = List.copyOf(refused);
    }

    public boolean hole() {
        return source.isEmpty();
    }

    /** The shot that is seen: the planned one, or what stands in for it. */
    public Shot shown() {
        return source.flatMap(Source::kept).map(Kept::shot).orElse(placed.shot());
    }

    /** Whether it runs at another rate than planned. */
    public Optional<FrameRate> otherRate() {
        return source.flatMap(Source::kept)
                .filter(kept -> !kept.capture().equals(kept.shot().captureRate()))
                .map(Kept::capture);
    }

    /** Whether the clip stands where the cut lies, or the other way round. */
    public boolean turned(double ratio) {
        return source.filter(one -> one.clip().upright() != ratio < 1).isPresent();
    }

    /** The clean stretch of what is seen, seconds of the world; only where a keeper is. */
    double cleanS() {
        return kept().clean().lastsS();
    }

    /** How much of it is seen, seconds of the world; only where a keeper is. */
    double seenS() {
        return kept().capture().secondsOf(source.orElseThrow().frames());
    }

    private Kept kept() {
        return source.flatMap(Source::kept).orElseThrow();
    }
}
