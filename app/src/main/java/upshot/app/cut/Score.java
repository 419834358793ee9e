package upshot.app.cut;

import java.util.ArrayList;
import java.util.List;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Say;
import upshot.core.plan.Brief;
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
    private static final int BEATS_A_BAR = 4;
    private static final int BARS_A_LINE = 4;

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

    static Score of(Verdict verdict) {
        PaperCut cut = verdict.cut();
        Brief brief = verdict.plan().brief();
        double lineS = brief.tempoBpm()
                .map(bpm -> BARS_A_LINE * BEATS_A_BAR * 60 / bpm)
                .orElse(SECONDS_A_LINE);
        double endS = brief.rate().secondsOf(Math.max(cut.frames(), brief.lengthFrames()));
        int lines = Math.max(1, (int) Math.ceil(endS / lineS - 1e-9));
        Drawing drawing = new Drawing(verdict, lineS);
        List<ScoreLine> drawn = new ArrayList<>();
        for (int line = 0; line < lines; line++) {
            drawn.add(drawing.line(line));
        }
        String note = brief.tempoBpm().isPresent() ? "four bars a line" : "a line";
        return new Score("%s, %s s".formatted(note, Say.number(lineS, 2)), drawn);
    }

    /** Places everything on lines of so many seconds. */
    private record Drawing(Verdict verdict, double lineS) {

        ScoreLine line(int line) {
            double fromS = line * lineS;
            List<Tile> tiles = new ArrayList<>();
            List<JointMark> joints = new ArrayList<>();
            for (Placed placed : verdict.cut().uses()) {
                double startS = seconds(placed.startFrame());
                double endS = seconds(placed.endFrame());
                if (startS < fromS + lineS && endS > fromS) {
                    tiles.add(tile(placed, startS, endS, fromS));
                }
                boolean begins = startS >= fromS && startS < fromS + lineS;
                if (begins && placed.index() > 0) {
                    joints.add(joint(placed, percent(startS - fromS)));
                }
            }
            double promoEnd = verdict.plan().brief().lengthS() - fromS;
            return new ScoreLine(ticks(line), tiles, joints, Math.max(0, Math.min(100, percent(promoEnd))));
        }

        private double seconds(long frames) {
            return verdict.plan().brief().rate().secondsOf(frames);
        }

        private double percent(double seconds) {
            return Math.round(seconds / lineS * 100_000) / 1000.0;
        }

        private Tile tile(Placed placed, double startS, double endS, double fromS) {
            double left = Math.max(startS, fromS);
            double right = Math.min(endS, fromS + lineS);
            return new Tile(
                    placed.use().id().toString(),
                    percent(left - fromS),
                    percent(right - left),
                    startS < fromS,
                    endS > fromS + lineS,
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

        private List<Tick> ticks(int line) {
            List<Tick> ticks = new ArrayList<>();
            boolean bars = verdict.plan().brief().tempoBpm().isPresent();
            int parts = bars ? BARS_A_LINE * BEATS_A_BAR : (int) SECONDS_A_LINE;
            for (int part = 0; part < parts; part++) {
                ticks.add(new Tick(100.0 * part / parts, label(bars, line, part)));
            }
            return ticks;
        }

        private String label(boolean bars, int line, int part) {
            if (!bars) {
                return Say.number(line * lineS + part, 0) + " s";
            }
            return part % BEATS_A_BAR == 0 ? Integer.toString(line * BARS_A_LINE + part / BEATS_A_BAR + 1) : "";
        }
    }
}
