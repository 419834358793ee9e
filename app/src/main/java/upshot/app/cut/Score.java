package upshot.app.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Say;
import upshot.core.plan.Brief;
import upshot.core.time.TempoMap;
import upshot.core.verdict.Verdict;

/**
 * The cut laid out like lines of music: four bars a line, or eight seconds where there is no tempo. All places are
 * shares of a line's width in percent.
 *
 * @param lineNote what a line holds
 * @param lines at least one, empty ones included up to the promo's end
 */
record Score(String lineNote, List<ScoreLine> lines) {

    private static final double SECONDS_A_LINE = 8;
    private static final int BARS_A_LINE = 4;
    /** Seconds within which two instants are the same: far below a frame, far above rounding. */
    private static final double EXACT = 1e-6;

    /** One line of the score. */
    record ScoreLine(List<Tick> ticks, List<Tile> tiles, List<JointMark> joints, double endsAt) {}

    /**
     * A mark of the ruler.
     *
     * @param label bar number or seconds, empty for a beat between
     */
    record Tick(double at, String label) {}

    /**
     * The part of a use that lies on one line.
     *
     * @param opensLeft whether it began on the line before
     * @param opensRight whether it goes on on the next
     * @param seconds its whole length
     */
    record Tile(
            String useId,
            double at,
            double width,
            boolean opensLeft,
            boolean opensRight,
            FrameView frame,
            String seconds,
            String pace) {}

    /**
     * Where two uses meet.
     *
     * @param number 1 for the joint between the first and the second use
     */
    record JointMark(int number, double at, String status, String spoken) {}

    /** The stretch of the promo that one line shows, with its ruler. */
    private record Span(double fromS, double untilS, List<Tick> ticks) {

        double percent(double atS) {
            return Math.round((atS - fromS) / (untilS - fromS) * 100_000) / 1000.0;
        }
    }

    static Score of(Verdict verdict) {
        Brief brief = verdict.plan().brief();
        double endS = brief.rate().secondsOf(Math.max(verdict.cut().frames(), brief.lengthFrames()));
        Optional<TempoMap> tempo = TempoMap.of(verdict.plan());
        List<Span> spans = tempo.map(map -> byBars(map, endS)).orElseGet(() -> bySeconds(endS));
        Drawing drawing = new Drawing(verdict);
        double firstS = spans.get(0).untilS() - spans.get(0).fromS();
        return new Score(
                "%s, %s s".formatted(tempo.isPresent() ? "four bars a line" : "a line", Say.number(firstS, 2)),
                spans.stream().map(drawing::line).toList());
    }

    /** Four bars a line; what comes before the first beat stands on the first line. */
    private static List<Span> byBars(TempoMap tempo, double endS) {
        List<TempoMap.Bar> bars = tempo.barsUntil(endS);
        List<Span> spans = new ArrayList<>();
        double fromS = 0;
        for (int first = 0; first < bars.size() || spans.isEmpty(); first += BARS_A_LINE) {
            List<TempoMap.Bar> shown = bars.subList(first, Math.min(bars.size(), first + BARS_A_LINE));
            double untilS = tempo.barStartS(bars, first + BARS_A_LINE, Math.max(endS, fromS + 1));
            spans.add(new Span(fromS, untilS, new ArrayList<>()));
            Span span = spans.get(spans.size() - 1);
            shown.forEach(bar -> bar.beatsS()
                    .forEach(beat -> span.ticks()
                            .add(new Tick(
                                    span.percent(beat), beat == bar.startS() ? Integer.toString(bar.number()) : ""))));
            fromS = untilS;
        }
        return spans;
    }

    private static List<Span> bySeconds(double endS) {
        List<Span> spans = new ArrayList<>();
        for (double fromS = 0; fromS < endS - 1e-9 || spans.isEmpty(); fromS += SECONDS_A_LINE) {
            List<Tick> ticks = new ArrayList<>();
            for (int second = 0; second < SECONDS_A_LINE; second++) {
                ticks.add(new Tick(100 * second / SECONDS_A_LINE, Say.number(fromS + second, 0) + " s"));
            }
            spans.add(new Span(fromS, fromS + SECONDS_A_LINE, ticks));
        }
        return spans;
    }

    /** Places everything on its lines. */
    private record Drawing(Verdict verdict) {

        ScoreLine line(Span span) {
            List<Tile> tiles = new ArrayList<>();
            List<JointMark> joints = new ArrayList<>();
            for (Placed placed : verdict.cut().uses()) {
                double startS = seconds(placed.startFrame());
                double endS = seconds(placed.endFrame());
                if (startS < span.untilS() - EXACT && endS > span.fromS() + EXACT) {
                    tiles.add(tile(placed, startS, endS, span));
                }
                boolean begins = startS >= span.fromS() - EXACT && startS < span.untilS() - EXACT;
                if (begins && placed.index() > 0) {
                    joints.add(joint(placed, span.percent(startS)));
                }
            }
            double promoEnd = span.percent(verdict.plan().brief().lengthS());
            return new ScoreLine(span.ticks(), tiles, joints, Math.max(0, Math.min(100, promoEnd)));
        }

        private double seconds(long frames) {
            return verdict.plan().brief().rate().secondsOf(frames);
        }

        private Tile tile(Placed placed, double startS, double endS, Span span) {
            double left = span.percent(Math.max(startS, span.fromS()));
            double right = span.percent(Math.min(endS, span.untilS()));
            return new Tile(
                    placed.use().id().toString(),
                    left,
                    Math.round((right - left) * 1000) / 1000.0,
                    startS < span.fromS() - EXACT,
                    endS > span.untilS() + EXACT,
                    FrameView.of(verdict, placed.shot()),
                    Say.number(endS - startS, 2) + " s",
                    UsePanel.playback(verdict, placed).label());
        }

        private JointMark joint(Placed into, double at) {
            String status =
                    Verdict.status(verdict.joints().get(into.index() - 1)).label();
            Placed out = verdict.cut().uses().get(into.index() - 1);
            return new JointMark(
                    into.index(),
                    at,
                    status,
                    "Joint %d, %s into %s: %s"
                            .formatted(
                                    into.index(), out.shot().code(), into.shot().code(), status));
        }
    }
}
