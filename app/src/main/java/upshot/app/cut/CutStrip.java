package upshot.app.cut;

import java.util.ArrayList;
import java.util.List;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.time.BeatGrid;
import upshot.core.verdict.Verdict;

/**
 * A cut as a strip of frames, as wide as they last.
 *
 * @param facts uses, breaks and watches in words
 * @param runs one after the other, what one action's pictures last
 * @param bars where bars of the music begin, percent of the whole
 */
record CutStrip(String title, String facts, List<StripFrame> frames, List<Run> runs, List<Double> bars) {

    /**
     * A use.
     *
     * @param width percent of the whole
     */
    record StripFrame(FrameView frame, double width, String seconds) {}

    /**
     * Pictures of one action in a row.
     *
     * @param width percent of the whole
     */
    record Run(String action, double width) {}

    /**
     * @param frames how many the whole width stands for
     */
    static CutStrip of(String title, Verdict verdict, long frames) {
        List<StripFrame> uses = verdict.cut().uses().stream()
                .map(placed -> new StripFrame(
                        FrameView.of(verdict, placed.shot()),
                        percent(placed.use().frames(), frames),
                        Wording.number(
                                verdict.plan()
                                        .brief()
                                        .rate()
                                        .secondsOf(placed.use().frames()),
                                2)))
                .toList();
        List<Double> bars = BeatGrid.bars(
                        verdict.plan(), Math.min(frames, verdict.cut().frames()))
                .stream()
                .filter(frame -> frame < frames)
                .map(frame -> percent(frame, frames))
                .toList();
        return new CutStrip(title, facts(verdict, uses.size()), uses, runs(verdict, frames), bars);
    }

    private static List<Run> runs(Verdict verdict, long frames) {
        List<Run> runs = new ArrayList<>();
        List<Placed> uses = verdict.cut().uses();
        int first = 0;
        for (int i = 1; i <= uses.size(); i++) {
            if (i == uses.size() || !uses.get(i).action().equals(uses.get(first).action())) {
                long lasts = uses.get(i - 1).endFrame() - uses.get(first).startFrame();
                runs.add(new Run(uses.get(first).action().name(), percent(lasts, frames)));
                first = i;
            }
        }
        return runs;
    }

    private static double percent(long part, long frames) {
        return Math.round(10_000.0 * part / frames) / 100.0;
    }

    private static String facts(Verdict verdict, int uses) {
        return uses == 0
                ? "nothing is cut"
                : "%s, %s, %s"
                        .formatted(
                                counted(uses, "use", "uses"),
                                counted(count(verdict, Status.BREAK), "break", "breaks"),
                                counted(count(verdict, Status.WATCH), "watch", "watches"));
    }

    private static String counted(long count, String one, String several) {
        return "%s %s".formatted(count == 0 ? "no" : Long.toString(count), count == 1 ? one : several);
    }

    /** Findings against the cut: at its joints and in the whole of it. */
    static long count(Verdict verdict, Status status) {
        long joints = verdict.joints().stream()
                .flatMap(List<Finding>::stream)
                .filter(finding -> finding.status() == status)
                .count();
        return joints
                + verdict.whole().stream()
                        .filter(finding -> finding.status() == status)
                        .count();
    }
}
