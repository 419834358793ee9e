package upshot.app.cut;

import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Brief;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.time.BeatGrid;
import upshot.core.verdict.Verdict;

/**
 * The cut laid out like lines of music: four bars a line, or eight seconds where there is no tempo. All places are
 * shares of a line's width in percent.
 *
 * @param lineNote what a line holds
 * @param grid the frames to which edits snap, empty where every frame will do
 * @param lines at least one, empty ones included up to the promo's end
 */
record Score(String lineNote, Collection<Long> grid, List<ScoreLine> lines) {

    /** Seconds within which two instants are the same: far below a frame, far above rounding. */
    private static final double EXACT = 1e-6;

    /** One line of the score. */
    record ScoreLine(
            long fromFrame,
            long untilFrame,
            List<Ruler.Tick> ticks,
            List<Voice> voices,
            List<Tile> tiles,
            List<JointMark> joints,
            double endsAt) {}

    /** The part of a voice-over window that lies on one line. */
    record Voice(double at, double width, String text) {}

    /**
     * The part of a use that lies on one line.
     *
     * @param opensLeft whether it began on the line before
     * @param opensRight whether it goes on on the next
     * @param seconds its whole length
     * @param marked whether the balance points at it
     */
    record Tile(
            String useId,
            int place,
            long startFrame,
            long endFrame,
            double at,
            double width,
            boolean opensLeft,
            boolean opensRight,
            FrameView frame,
            String seconds,
            String pace,
            boolean pinned,
            boolean marked) {}

    /**
     * Where two uses meet.
     *
     * @param number 1 for the joint between the first and the second use
     * @param intoUseId the use behind it
     */
    record JointMark(int number, String intoUseId, long frame, double at, String status, String spoken) {}

    static Score of(Verdict verdict, ScoreView view) {
        Brief brief = verdict.plan().brief();
        double endS = brief.rate().secondsOf(Math.max(verdict.cut().frames(), brief.lengthFrames()));
        Ruler ruler = Ruler.of(verdict.plan(), view.bySeconds(), endS);
        List<Ruler.Span> spans = ruler.lines();
        Drawing drawing = new Drawing(verdict, view);
        return new Score(
                ruler.note(),
                grid(verdict.plan(), view.snap(), spans.get(spans.size() - 1).untilS()),
                IntStream.range(0, spans.size())
                        .mapToObj(line -> drawing.line(line, spans.get(line)))
                        .toList());
    }

    private static Collection<Long> grid(Plan plan, BeatGrid.Step snap, double untilS) {
        return snap == BeatGrid.Step.FRAME
                ? List.of()
                : BeatGrid.of(plan, snap, plan.brief().rate().framesIn(untilS, RoundingMode.UP))
                        .frames();
    }

    /** Places everything on its lines. */
    private record Drawing(Verdict verdict, ScoreView view) {

        ScoreLine line(int number, Ruler.Span span) {
            List<Tile> tiles = new ArrayList<>();
            List<JointMark> joints = new ArrayList<>();
            for (Placed placed : verdict.cut().uses()) {
                double startS = seconds(placed.startFrame());
                double endS = seconds(placed.endFrame());
                if (startS < span.untilS() - EXACT && endS > span.fromS() + EXACT) {
                    tiles.add(tile(placed, startS, endS, span, view.draws(number)));
                }
                boolean begins = startS >= span.fromS() - EXACT && startS < span.untilS() - EXACT;
                if (begins && placed.index() > 0) {
                    joints.add(joint(placed, span.percent(startS)));
                }
            }
            double promoEnd = span.percent(verdict.plan().brief().lengthS());
            FrameRate rate = verdict.plan().brief().rate();
            return new ScoreLine(
                    rate.framesIn(span.fromS(), RoundingMode.HALF_EVEN),
                    rate.framesIn(span.untilS(), RoundingMode.HALF_EVEN),
                    span.ticks(),
                    voices(span),
                    tiles,
                    joints,
                    Math.max(0, Math.min(100, promoEnd)));
        }

        private List<Voice> voices(Ruler.Span span) {
            return verdict.plan().list(RecordKind.VOICE).stream()
                    .filter(voice -> voice.startS() < span.untilS() && voice.endS() > span.fromS())
                    .map(voice -> {
                        double left = span.percent(Math.max(voice.startS(), span.fromS()));
                        double right = span.percent(Math.min(voice.endS(), span.untilS()));
                        return new Voice(left, right - left, voice.words());
                    })
                    .toList();
        }

        private double seconds(long frames) {
            return verdict.plan().brief().rate().secondsOf(frames);
        }

        private Tile tile(Placed placed, double startS, double endS, Ruler.Span span, boolean drawn) {
            double left = span.percent(Math.max(startS, span.fromS()));
            double right = span.percent(Math.min(endS, span.untilS()));
            return new Tile(
                    placed.use().id().toString(),
                    placed.index(),
                    placed.startFrame(),
                    placed.endFrame(),
                    left,
                    Math.round((right - left) * 1000) / 1000.0,
                    startS < span.fromS() - EXACT,
                    endS > span.untilS() + EXACT,
                    drawn ? FrameView.of(verdict, placed.shot()) : FrameView.undrawn(verdict, placed.shot()),
                    Wording.number(endS - startS, 2) + " s",
                    placed.picture().playback().label(),
                    placed.use().pinned(),
                    view.marked().contains(placed.use().id()));
        }

        private JointMark joint(Placed into, double at) {
            String status = JointPanel.status(verdict, into.index() - 1);
            Placed out = verdict.cut().uses().get(into.index() - 1);
            return new JointMark(
                    into.index(),
                    into.use().id().toString(),
                    into.startFrame(),
                    at,
                    status,
                    "Joint %d, %s into %s: %s"
                            .formatted(
                                    into.index(), out.shot().code(), into.shot().code(), status));
        }
    }
}
