package upshot.core.time;

import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.TreeSet;
import upshot.core.measure.FrameRate;
import upshot.core.measure.Labelled;
import upshot.core.plan.Plan;

/**
 * The frames on which a cut may fall: beats or half beats of the music, seconds or half seconds where there is none.
 *
 * @param frames sorted, the beginning of the promo among them
 */
public record BeatGrid(NavigableSet<Long> frames) {

    /** How fine the grid is. */
    public enum Step implements Labelled {
        BEAT("beats"),
        HALF("half beats"),
        FRAME("frames");

        private final String label;

        Step(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * The grid up to a frame, and one place beyond it.
     *
     * @param step beats or half beats; every frame is no grid
     */
    public static BeatGrid of(Plan plan, Step step, long untilFrame) {
        FrameRate rate = plan.brief().rate();
        double untilS = rate.secondsOf(untilFrame);
        NavigableSet<Long> frames = new TreeSet<>();
        List<Double> beats = beatsS(plan, untilS);
        frames.add(0L);
        for (int i = 0; i < beats.size(); i++) {
            frames.add(rate.framesIn(Math.max(0, beats.get(i)), RoundingMode.HALF_EVEN));
            if (step != Step.BEAT && i + 1 < beats.size()) {
                double half = (beats.get(i) + beats.get(i + 1)) / 2;
                frames.add(rate.framesIn(Math.max(0, half), RoundingMode.HALF_EVEN));
            }
        }
        return new BeatGrid(frames);
    }

    private static List<Double> beatsS(Plan plan, double untilS) {
        Optional<TempoMap> music = TempoMap.of(plan);
        List<Double> beats = new ArrayList<>();
        if (music.isPresent()) {
            List<TempoMap.Bar> bars = music.get().barsUntil(untilS + 1e-9);
            bars.forEach(bar -> beats.addAll(bar.beatsS()));
            beats.add(music.get().barStartS(bars, bars.size(), untilS));
        } else {
            for (int second = 0; second <= Math.ceil(untilS); second++) {
                beats.add((double) second);
            }
        }
        return beats;
    }

    /** The frames on which bars begin, the beginning of the promo among them; none where there is no music. */
    public static NavigableSet<Long> bars(Plan plan, long untilFrame) {
        FrameRate rate = plan.brief().rate();
        NavigableSet<Long> frames = new TreeSet<>();
        TempoMap.of(plan).ifPresent(music -> {
            frames.add(0L);
            music.barsUntil(rate.secondsOf(untilFrame) + 1e-9)
                    .forEach(bar -> frames.add(rate.framesIn(Math.max(0, bar.startS()), RoundingMode.HALF_EVEN)));
        });
        return frames;
    }

    /** The place nearest to a frame, the earlier of two. */
    public long nearest(long frame) {
        Long before = frames.floor(frame);
        Long after = frames.ceiling(frame);
        if (before == null || after == null) {
            return before == null ? after : before;
        }
        return frame - before <= after - frame ? before : after;
    }

    /** The first place after a frame, or the frame behind it beyond the end of the grid. */
    public long after(long frame) {
        Long next = frames.higher(frame);
        return next == null ? frame + 1 : next;
    }

    /** The last place before a frame, not before the beginning. */
    public long before(long frame) {
        Long earlier = frames.lower(frame);
        return earlier == null ? 0 : earlier;
    }
}
