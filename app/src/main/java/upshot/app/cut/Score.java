package upshot.app.cut;

import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Say;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Brief;
import upshot.core.plan.Kind;
import upshot.core.time.BeatGrid;
import upshot.core.time.TempoMap;
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

    private static final double SECONDS_A_LINE = 8;
    private static final int BARS_A_LINE = 4;
    /** Seconds within which two instants are the same: far below a frame, far above rounding. */
    private static final double EXACT = 1e-6;

    /** One line of the score. */
    record ScoreLine(
            long fromFrame,
            long untilFrame,
            List<Tick> ticks,
            List<Voice> voices,
            List<Tile> tiles,
            List<JointMark> joints,
            double endsAt) {}

    /** The part of a voice-over window that lies on one line. */
    record Voice(double at, double width, String text) {}

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

    /** The stretch of the promo that one line shows, with its ruler. */
    private record Span(double fromS, double untilS, List<Tick> ticks) {

        double percent(double atS) {
            return Math.round((atS - fromS) / (untilS - fromS) * 100_000) / 1000.0;
        }
    }

    /**
     * @param bySeconds whether lines are measured by seconds though there is music
     * @param marked uses that the balance points at
     */
    static Score of(Verdict verdict, boolean bySeconds, BeatGrid.Step snap, Set<UUID> marked) {
        Brief brief = verdict.plan().brief();
        double endS = brief.rate().secondsOf(Math.max(verdict.cut().frames(), brief.lengthFrames()));
        Optional<TempoMap> tempo = bySeconds ? Optional.empty() : TempoMap.of(verdict.plan());
        List<Span> spans = tempo.map(map -> byBars(map, endS)).orElseGet(() -> bySeconds(endS));
        Drawing drawing = new Drawing(verdict, marked);
        double firstS = spans.get(0).untilS() - spans.get(0).fromS();
        return new Score(
                "%s, %s s".formatted(tempo.isPresent() ? "four bars a line" : "a line", Say.number(firstS, 2)),
                snap == BeatGrid.Step.FRAME
                        ? List.of()
                        : BeatGrid.of(
                                        verdict.plan(),
                                        snap,
                                        brief.rate()
                                                .framesIn(
                                                        spans.get(spans.size() - 1)
                                                                .untilS(),
                                                        RoundingMode.UP))
                                .frames(),
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
    private record Drawing(Verdict verdict, Set<UUID> marked) {

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

        private List<Voice> voices(Span span) {
            return verdict.plan().list(Kind.VOICE).stream()
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

        private Tile tile(Placed placed, double startS, double endS, Span span) {
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
                    FrameView.of(verdict, placed.shot()),
                    Say.number(endS - startS, 2) + " s",
                    verdict.cut().playback(placed).label(),
                    placed.use().pinned(),
                    marked.contains(placed.use().id()));
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
