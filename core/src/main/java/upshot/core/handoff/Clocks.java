package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.handoff.Chain.Pair;
import upshot.core.handoff.ClipClock.Source;

/** How far a camera's clock may be off: what the starts of takes and clips of like length have most often between them. */
final class Clocks {

    private static final List<Source> TIMED = List.of(Source.MADE, Source.ENDED, Source.TIME_CODE);
    private static final int MOST_VOTERS = 800;
    private static final double WINDOW_MS = 6_000;
    /** Times further apart than that say how quickly the clock goes. */
    private static final double LONG_MS = 30 * 60_000;

    private static final int ENOUGH = 10;
    private static final int MOST_SLOPES = 400;
    /** A tenth of a second in an hour and a half more than any clock: beyond it something else is wrong. */
    private static final double WORST_DRIFT = 5e-4;

    private static final double S = 1000;
    private static final double DAY_MS = 24 * 3600 * S;

    private Clocks() {}

    /**
     * Clocks that are worth trying, the likeliest of each source first.
     *
     * @param most of each source
     */
    static List<ClipClock> likely(List<Recorded> takes, List<Clip> clips, int most) {
        List<ClipClock> likely = new ArrayList<>();
        List<Recorded> timed =
                takes.stream().filter(Recorded::timed).limit(MOST_VOTERS).toList();
        boolean bounded = clips.size() <= MOST_VOTERS;
        boolean[] alike = bounded ? alike(timed, clips) : new boolean[0];
        for (Source source : TIMED) {
            List<Clip> voters = bounded ? clips : first(clips, source);
            boolean[] asked = bounded ? alike : alike(timed, voters);
            for (double addMs : peaks(differences(timed, voters, source, asked), most)) {
                likely.add(new ClipClock(source, addMs, 0, 0, nearMs(takes)));
            }
        }
        return likely.isEmpty() ? List.of(new ClipClock(Source.ORDER, 0, 0, 0, 0)) : likely;
    }

    /** Those by which a clip begins when somebody read that it does, one of each source; none where nobody has. */
    static List<ClipClock> read(List<Recorded> takes, List<Clip> clips, Map<UUID, Double> begins) {
        List<ClipClock> read = new ArrayList<>();
        for (Clip clip : clips) {
            Double beginsMs = begins.get(clip.id());
            for (Source source : beginsMs == null ? List.<Source>of() : TIMED) {
                double cameraMs = source.ms(clip);
                if (!Double.isNaN(cameraMs)) {
                    read.add(new ClipClock(source, beginsMs - cameraMs, 0, 0, nearMs(takes)));
                }
            }
        }
        return read;
    }

    private static double nearMs(List<Recorded> takes) {
        return takes.isEmpty()
                ? 0
                : median(takes.stream().mapToDouble(Recorded::fromMs).toArray());
    }

    /** The beginning of a shoot tells a clock as well as all of it: what votes is bounded. */
    private static List<Clip> first(List<Clip> clips, Source source) {
        return clips.stream()
                .sorted(Comparator.comparingDouble(source::ms))
                .limit(MOST_VOTERS)
                .toList();
    }

    /** Which pairs are of like length. */
    private static boolean[] alike(List<Recorded> takes, List<Clip> clips) {
        boolean[] alike = new boolean[takes.size() * clips.size()];
        int pair = 0;
        for (Recorded take : takes) {
            for (Clip clip : clips) {
                alike[pair++] = Fit.lengthsAgree(take, clip);
            }
        }
        return alike;
    }

    /** What pairs of like length have between them; where there are none, all pairs. */
    private static double[] differences(List<Recorded> takes, List<Clip> clips, Source source, boolean[] alike) {
        double[] cameraMs = clips.stream().mapToDouble(source::ms).toArray();
        double[] found = new double[takes.size() * clips.size()];
        int number = filled(found, takes, cameraMs, alike, source);
        if (number == 0) {
            boolean[] all = new boolean[alike.length];
            Arrays.fill(all, true);
            number = filled(found, takes, cameraMs, all, source);
        }
        double[] sorted = Arrays.copyOf(found, number);
        Arrays.sort(sorted);
        return sorted;
    }

    private static int filled(double[] found, List<Recorded> takes, double[] cameraMs, boolean[] asked, Source source) {
        int number = 0;
        // Codes behind midnight are compared as those before it are.
        double midnightMs =
                cameraMs.length == 0 || takes.isEmpty() ? 0 : takes.get(0).fromMs() - cameraMs[0];
        for (int take = 0; take < takes.size(); take++) {
            double fromMs = takes.get(take).fromMs();
            for (int clip = 0; clip < cameraMs.length; clip++) {
                double apartMs = fromMs - cameraMs[clip];
                if (asked[take * cameraMs.length + clip] && !Double.isNaN(apartMs)) {
                    found[number++] = source == Source.TIME_CODE && !Double.isNaN(midnightMs)
                            ? apartMs - DAY_MS * Math.rint((apartMs - midnightMs) / DAY_MS)
                            : apartMs;
                }
            }
        }
        return number;
    }

    /** Where most differences lie within a window, each a window away from those before. */
    private static List<Double> peaks(double[] sorted, int most) {
        int[] votes = new int[sorted.length];
        double[] middle = new double[sorted.length];
        int until = 0;
        double sum = 0;
        for (int from = 0; from < sorted.length; from++) {
            while (until < sorted.length && sorted[until] - sorted[from] <= WINDOW_MS) {
                sum += sorted[until++] - sorted[0];
            }
            votes[from] = until - from;
            middle[from] = sorted[0] + sum / votes[from];
            sum -= sorted[from] - sorted[0];
        }
        List<Double> peaks = new ArrayList<>();
        while (peaks.size() < most) {
            int best = -1;
            for (int from = 0; from < sorted.length; from++) {
                if ((best < 0 || votes[from] > votes[best]) && away(peaks, middle[from])) {
                    best = from;
                }
            }
            if (best < 0) {
                break;
            }
            peaks.add(middle[best]);
        }
        return peaks;
    }

    private static boolean away(List<Double> peaks, double ms) {
        for (double peak : peaks) {
            if (Math.abs(peak - ms) <= WINDOW_MS) {
                return false;
            }
        }
        return true;
    }

    /** The same clock, put right by what was found with it: by the middle of what is left, and by its drift. */
    static ClipClock refined(ClipClock clock, List<Pair> pairs, List<Recorded> takes, List<Clip> clips) {
        List<double[]> points = pairs.stream()
                .filter(pair -> takes.get(pair.first()).timed())
                .map(pair -> new double[] {
                    clock.source().ms(clips.get(pair.second())),
                    takes.get(pair.first()).fromMs()
                })
                .filter(point -> !Double.isNaN(point[0]))
                .toList();
        if (points.isEmpty()) {
            return clock;
        }
        double aboutMs = median(points.stream().mapToDouble(point -> point[0]).toArray());
        double perMs = drift(points);
        double addMs = median(points.stream()
                .mapToDouble(point -> point[1] - point[0] - perMs * (point[0] - aboutMs))
                .toArray());
        return new ClipClock(clock.source(), addMs, perMs, aboutMs, clock.nearMs());
    }

    /** The middle of the slopes between takes that lie far apart (Theil and Sen): a few wrong pairs do not move it. */
    private static double drift(List<double[]> points) {
        if (points.size() < ENOUGH) {
            return 0;
        }
        List<double[]> some = points.size() <= MOST_SLOPES ? points : points.subList(0, MOST_SLOPES);
        double[] slopes = some.stream()
                .flatMap(one -> some.stream()
                        .filter(other -> other[0] - one[0] > LONG_MS)
                        .map(other -> (other[1] - one[1]) / (other[0] - one[0]) - 1))
                .mapToDouble(slope -> slope)
                .toArray();
        double slope = slopes.length < ENOUGH ? 0 : median(slopes);
        return Math.abs(slope) > WORST_DRIFT ? 0 : slope;
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values[values.length / 2];
    }

    /** The clock by takes whose clips are known. */
    static Stream<ClipClock> known(List<Pair> pairs, List<Recorded> takes, List<Clip> clips) {
        return TIMED.stream()
                .map(source -> refined(new ClipClock(source, 0, 0, 0, nearMs(takes)), pairs, takes, clips))
                .filter(clock -> clock.addMs() != 0);
    }

    /** Seconds by which a clip begins after its take, by a clock; 0 where it has none. */
    static double apartS(ClipClock clock, Recorded take, Clip clip) {
        double apart = (clock.serverMs(clip) - take.fromMs()) / S;
        return Double.isNaN(apart) || !take.timed() ? 0 : apart;
    }
}
