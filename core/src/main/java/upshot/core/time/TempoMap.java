package upshot.core.time;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.Brief;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.TempoMark;

/**
 * When bars and beats fall, in seconds of the promo.
 *
 * <p>Between two marks a quarter note has one length; a mark begins a bar of its own. The place of quarter q is the sum
 * of the stretches before it, each quarters × µs, plus where the first beat falls.
 *
 * @param marks sorted by place; the first counts from the beginning
 * @param firstBeatS where in the promo quarter 0 falls
 */
public record TempoMap(List<TempoMark> marks, double firstBeatS) {

    private static final double MICROS = 1_000_000;
    private static final int MOST_BARS = 20_000;

    /**
     * A bar.
     *
     * @param number 1 for the first
     * @param startS seconds of the promo
     * @param beatsS where its beats fall, the first with the bar itself
     */
    public record Bar(int number, double startS, List<Double> beatsS) {}

    public TempoMap {
        marks = List.copyOf(marks);
        if (marks.isEmpty()) {
            throw new IllegalArgumentException("A tempo map needs at least one mark.");
        }
    }

    /** The job's music: the marks of a MIDI file, else one tempo throughout, else none. */
    public static Optional<TempoMap> of(Plan plan) {
        Brief brief = plan.brief();
        List<TempoMark> read = plan.list(RecordKind.TEMPO);
        if (!read.isEmpty()) {
            return Optional.of(new TempoMap(read, brief.firstBeatS()));
        }
        return brief.tempoBpm()
                .map(bpm -> new TempoMap(
                        List.of(new TempoMark(
                                brief.id(), 0, (int) Math.round(60 * MICROS / bpm), brief.beatsPerBar(), 4)),
                        brief.firstBeatS()));
    }

    /** When a quarter note falls. */
    public double secondsAt(double quarter) {
        double seconds = firstBeatS;
        for (int i = 0; i < marks.size(); i++) {
            double from = i == 0 ? 0 : marks.get(i).atQuarter();
            double until = i + 1 < marks.size() ? marks.get(i + 1).atQuarter() : Double.POSITIVE_INFINITY;
            if (quarter <= from && i > 0) {
                break;
            }
            seconds += (Math.min(quarter, until) - from) * marks.get(i).microsPerQuarter() / MICROS;
        }
        return seconds;
    }

    /** The bars that begin before a time. */
    public List<Bar> barsUntil(double endS) {
        List<Bar> bars = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            TempoMark mark = marks.get(i);
            double quarter = i == 0 ? 0 : mark.atQuarter();
            double next = i + 1 < marks.size() ? marks.get(i + 1).atQuarter() : Double.POSITIVE_INFINITY;
            double beat = 4.0 / mark.beatUnit();
            while (quarter < next - 1e-9 && secondsAt(quarter) < endS && bars.size() < MOST_BARS) {
                List<Double> beats = new ArrayList<>();
                for (int b = 0; b < mark.beatsPerBar() && quarter + b * beat < next - 1e-9; b++) {
                    beats.add(secondsAt(quarter + b * beat));
                }
                bars.add(new Bar(bars.size() + 1, beats.get(0), beats));
                quarter += mark.beatsPerBar() * beat;
            }
        }
        return bars;
    }

    /**
     * When a bar begins, also one after all that were asked for.
     *
     * @param bars as {@link #barsUntil} gave them
     * @param index from 0
     * @param otherwiseS what to answer where the music gives no bar at all
     */
    public double barStartS(List<Bar> bars, int index, double otherwiseS) {
        if (index < bars.size()) {
            return bars.get(index).startS();
        }
        if (bars.isEmpty()) {
            return otherwiseS;
        }
        TempoMark last = marks.get(marks.size() - 1);
        double barS = last.beatsPerBar() * 4.0 / last.beatUnit() * last.microsPerQuarter() / MICROS;
        return bars.get(bars.size() - 1).startS() + (index - bars.size() + 1) * barS;
    }
}
