package upshot.core.whole;

import java.util.List;
import java.util.function.Predicate;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;

/** Screen seconds of a cut, and findings that watch it. */
final class Seconds {

    private Seconds() {}

    static double of(PaperCut cut, long frames) {
        return cut.plan().brief().rate().secondsOf(frames);
    }

    static double of(PaperCut cut, Placed placed) {
        return of(cut, placed.use().frames());
    }

    /** The share of the cut's frames in uses that pass, 0 to 1. */
    static double share(PaperCut cut, Predicate<Placed> wanted) {
        return share(cut, cut.uses().stream().filter(wanted).toList());
    }

    /** The share of the cut's frames in some of its uses, 0 to 1. */
    static double share(PaperCut cut, List<Placed> uses) {
        long frames = uses.stream().mapToLong(placed -> placed.use().frames()).sum();
        return (double) frames / cut.frames();
    }

    static Finding watch(
            WholeRule rule, List<Placed> about, String title, Measured measured, String why, List<Mend> mends) {
        return new Finding(
                rule.id(),
                Status.WATCH,
                about.stream().map(placed -> placed.use().id()).toList(),
                title,
                measured,
                why,
                mends);
    }
}
