package upshot.core.light;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.shredzone.commons.suncalc.SunPosition;
import upshot.core.plan.Brief;
import upshot.core.plan.Coordinates;
import upshot.core.plan.WantedLight;

/**
 * The sun over one calendar day of a place, from local midnight to the next: 23, 24 or 25 hours.
 *
 * <p>Altitudes are those of the sun's middle without refraction. It rises and sets when its upper edge passes the
 * horizon under standard refraction, at −0.833°.
 *
 * @param zone the place's own clock
 */
public record SunDay(Coordinates place, LocalDate date, ZoneId zone) {

    public static final double RISE_DEG = -0.833;
    public static final double GOLDEN_FROM_DEG = -4;
    public static final double GOLDEN_TO_DEG = 6;
    public static final double BLUE_FROM_DEG = -6;

    /** A window that begins and ends as high is the whole of a short day or of a short night. */
    private static final double GRAZES_DEG = 0.5;

    private static final Duration STEP = Duration.ofMinutes(4);
    private static final long EXACT_MS = 500;

    /** Windows cost hundreds of positions of the sun, and every shot of a day asks for the same few. */
    private static final Map<Asked, List<Window>> KNOWN = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, List<Window>> eldest) {
            return size() > 64;
        }
    });

    private record Asked(SunDay day, double leastDeg, double mostDeg) {}

    /** A stretch of the day, half open; it never reaches past the day's ends. */
    public record Window(Instant from, Instant until) {

        /** What both have; it may last no time at all. */
        public Window and(Window other) {
            return new Window(
                    from.isAfter(other.from) ? from : other.from, until.isBefore(other.until) ? until : other.until);
        }

        public boolean lasts() {
            return until.isAfter(from);
        }

        public Instant middle() {
            return from.plus(Duration.between(from, until).dividedBy(2));
        }
    }

    /** The day of the shoot; empty while its date or place are unknown. */
    public static Optional<SunDay> of(Brief brief) {
        return brief.shootDate()
                .flatMap(date -> brief.coordinates().map(place -> new SunDay(place, date, brief.clock())));
    }

    /** One point of the sun's way. */
    public record Point(Instant at, double altitudeDeg) {}

    public Instant begins() {
        return date.atStartOfDay(zone).toInstant();
    }

    public Instant ends() {
        return date.plusDays(1).atStartOfDay(zone).toInstant();
    }

    /** How high the sun stands, −90 to 90°. */
    public double altitudeDeg(Instant at) {
        return position(at).getTrueAltitude();
    }

    /** Where the sun stands by the compass, 0 up to, not including, 360°, north 0. */
    public double azimuthDeg(Instant at) {
        return position(at).getAzimuth();
    }

    private SunPosition position(Instant at) {
        return SunPosition.compute()
                .on(at)
                .at(place.latitudeDeg(), place.longitudeDeg())
                .execute();
    }

    /** When the sun is up; empty in the polar night, the whole day under the midnight sun. */
    public List<Window> up() {
        return windows(RISE_DEG, 90);
    }

    public List<Window> golden() {
        return windows(GOLDEN_FROM_DEG, GOLDEN_TO_DEG);
    }

    public List<Window> blue() {
        return windows(BLUE_FROM_DEG, GOLDEN_FROM_DEG);
    }

    /** When the sun is below everything that still colours the sky. */
    public List<Window> dark() {
        return windows(-90, BLUE_FROM_DEG);
    }

    /** When a wanted light is to be had; any light is there all day. */
    public List<Window> windows(WantedLight wanted) {
        return switch (wanted) {
            case ANY -> List.of(new Window(begins(), ends()));
            case DAYLIGHT -> up();
            case GOLDEN -> golden();
            case GOLDEN_MORNING -> rising(golden());
            case GOLDEN_EVENING -> sinking(golden());
            case BLUE -> blue();
            case BLUE_MORNING -> rising(blue());
            case BLUE_EVENING -> sinking(blue());
            case DARK -> dark();
        };
    }

    /** Those through which the sun climbs; where it only grazes the horizon, one is of the morning and of the evening. */
    private List<Window> rising(List<Window> windows) {
        return windows.stream().filter(window -> climbs(window) >= 0).toList();
    }

    private List<Window> sinking(List<Window> windows) {
        return windows.stream().filter(window -> climbs(window) <= 0).toList();
    }

    private int climbs(Window window) {
        double by = altitudeDeg(window.until()) - altitudeDeg(window.from());
        return Math.abs(by) < GRAZES_DEG ? 0 : (int) Math.signum(by);
    }

    /** The sun's way in steps of so many minutes, both ends of the day included. */
    public List<Point> way(int everyMin) {
        List<Point> points = new ArrayList<>();
        for (Instant at = begins(); at.isBefore(ends()); at = at.plus(Duration.ofMinutes(everyMin))) {
            points.add(new Point(at, altitudeDeg(at)));
        }
        points.add(new Point(ends(), altitudeDeg(ends())));
        return points;
    }

    /** The stretches in which the altitude lies between two bounds, to the second. */
    List<Window> windows(double leastDeg, double mostDeg) {
        return KNOWN.computeIfAbsent(
                new Asked(this, leastDeg, mostDeg), asked -> List.copyOf(searched(leastDeg, mostDeg)));
    }

    private List<Window> searched(double leastDeg, double mostDeg) {
        List<Window> windows = new ArrayList<>();
        Instant from = inside(begins(), leastDeg, mostDeg) ? begins() : null;
        Instant before = begins();
        while (before.isBefore(ends())) {
            Instant after = before.plus(STEP).isBefore(ends()) ? before.plus(STEP) : ends();
            boolean now = inside(after, leastDeg, mostDeg);
            if (now != (from != null)) {
                Instant crossing = crossing(before, after, leastDeg, mostDeg);
                if (now) {
                    from = crossing;
                } else {
                    windows.add(new Window(from, crossing));
                    from = null;
                }
            }
            before = after;
        }
        if (from != null) {
            windows.add(new Window(from, ends()));
        }
        return windows;
    }

    private boolean inside(Instant at, double leastDeg, double mostDeg) {
        double altitude = altitudeDeg(at);
        return altitude >= leastDeg && altitude < mostDeg;
    }

    /** Halves the step until the instant of the change is known. */
    private Instant crossing(Instant before, Instant after, double leastDeg, double mostDeg) {
        boolean first = inside(before, leastDeg, mostDeg);
        long low = before.toEpochMilli();
        long high = after.toEpochMilli();
        while (high - low > EXACT_MS) {
            long middle = (low + high) / 2;
            if (inside(Instant.ofEpochMilli(middle), leastDeg, mostDeg) == first) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Instant.ofEpochMilli(high);
    }
}
