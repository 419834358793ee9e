package upshot.core.handoff;

import java.util.Optional;
import upshot.core.handoff.Chain.Pair;
import upshot.core.measure.FrameRate;

/**
 * How well a take and a clip go together. Worth is the logarithm of odds: what is gained over both being left alone, less
 * what the times disagree, each as far as people press late.
 */
final class Fit {

    /** What is gained by a pair that agrees in everything: few takes are without a clip, and few clips without a take. */
    private static final double AGREES = 8;

    private static final double START_S = 1.5;
    private static final double LENGTH_S = 2;
    /** Beyond so many spreads a difference counts less and less: somebody forgot to press. */
    private static final double OUTLIER = 3;

    /** Further apart nothing that agrees otherwise makes up for it. */
    static final double FURTHEST_MS = 12_000;

    private static final double NAME = 6;
    private static final double OTHER_NAME = -6;
    /** What somebody wrote down while it was shot outweighs a camera's clock, which may never have been set. */
    private static final double AGAINST_A_NOTE = 6;

    private static final double S = 1000;

    private Fit() {}

    /** What the clip takes in the world, whichever way nearer to the take: as it plays, or as the shot was to be recorded. */
    static double lengthApartS(Recorded take, Clip clip) {
        if (take.lastsS() < 0) {
            return 0;
        }
        return nearer(take.lastsS(), clip.lastsS(), clip.worldS(take.capture()));
    }

    private static double nearer(double wanted, double one, double other) {
        return Math.min(Math.abs(one - wanted), Math.abs(other - wanted));
    }

    /** Whether the lengths can be of one. */
    static boolean lengthsAgree(Recorded take, Clip clip) {
        return lengthApartS(take, clip) <= OUTLIER * LENGTH_S;
    }

    /**
     * A pair, if it is worth anything.
     *
     * @param clock of the camera
     */
    static Optional<Pair> pair(int first, Recorded take, int second, Clip clip, ClipClock clock) {
        double apartS = (clock.serverMs(clip) - take.fromMs()) / S;
        double start = Double.isNaN(apartS) || !take.timed() ? 0 : spread(apartS / START_S);
        if (noted(take, clip)) {
            start = Math.min(start, AGAINST_A_NOTE);
        }
        double worth = AGREES - start - spread(lengthApartS(take, clip) / LENGTH_S) + name(take, clip);
        return worth > 0 ? Optional.of(new Pair(first, second, worth)) : Optional.empty();
    }

    private static double spread(double x) {
        double far = Math.abs(x);
        return far <= OUTLIER ? far * far / 2 : OUTLIER * (far - OUTLIER / 2);
    }

    private static double name(Recorded take, Clip clip) {
        if (take.clipName().isEmpty()) {
            return 0;
        }
        return noted(take, clip) ? NAME : OTHER_NAME;
    }

    /** Whether somebody wrote this clip down for this take. */
    static boolean noted(Recorded take, Clip clip) {
        return !take.clipName().isEmpty()
                && take.clipName().equalsIgnoreCase(clip.name())
                && (take.card().isEmpty() || take.card().equalsIgnoreCase(clip.card()));
    }

    /** Whether a clip runs at another rate than its shot was to be recorded at. */
    static boolean otherRate(FrameRate wanted, Clip clip) {
        return !wanted.equals(clip.rate());
    }
}
