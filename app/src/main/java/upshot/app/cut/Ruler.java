package upshot.app.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Wording;
import upshot.core.plan.Plan;
import upshot.core.time.TempoMap;

/**
 * How the promo is laid out in lines: four bars each, or eight seconds where there is no tempo or seconds are asked for.
 *
 * @param note what a line holds
 * @param lines at least one, up to the end
 */
record Ruler(String note, List<Span> lines) {

    private static final double SECONDS_A_LINE = 8;
    private static final int BARS_A_LINE = 4;
    private static final double ROUNDING = 1e-9;

    /**
     * A mark of the ruler.
     *
     * @param label bar number or seconds, empty for a beat between
     */
    record Tick(double at, String label) {}

    /** The stretch of the promo that one line shows, with its marks. */
    record Span(double fromS, double untilS, List<Tick> ticks) {

        double percent(double atS) {
            return Math.round((atS - fromS) / (untilS - fromS) * 100_000) / 1000.0;
        }
    }

    static Ruler of(Plan plan, boolean bySeconds, double endS) {
        Optional<TempoMap> tempo = bySeconds ? Optional.empty() : TempoMap.of(plan);
        List<Span> spans = tempo.map(map -> byBars(map, endS)).orElseGet(() -> bySeconds(endS));
        double firstS = spans.get(0).untilS() - spans.get(0).fromS();
        String what = tempo.isPresent() ? "four bars a line" : "a line";
        return new Ruler("%s, %s s".formatted(what, Wording.number(firstS, 2)), spans);
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
        for (double fromS = 0; fromS < endS - ROUNDING || spans.isEmpty(); fromS += SECONDS_A_LINE) {
            List<Tick> ticks = new ArrayList<>();
            for (int second = 0; second < SECONDS_A_LINE; second++) {
                ticks.add(new Tick(100 * second / SECONDS_A_LINE, Wording.number(fromS + second, 0) + " s"));
            }
            spans.add(new Span(fromS, fromS + SECONDS_A_LINE, ticks));
        }
        return spans;
    }
}
