package upshot.core.light;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import upshot.core.ground.Skyline;
import upshot.core.measure.Degrees;

/** At which hours of a day the sun does what at a place; exact to a minute. */
public final class SunHours {

    private static final Duration STEP = Duration.ofMinutes(6);
    private static final Duration EXACT = Duration.ofMinutes(1);

    private SunHours() {}

    /**
     * A stretch of the day in which it stays the same.
     *
     * @param from by the wall clock of the place
     * @param until midnight for the end of the day
     */
    public record Stretch<T>(T what, LocalTime from, LocalTime until) {}

    /**
     * From which side the sun lights what a camera shows; nowhere while it is down or the point lies in the shade.
     *
     * @param facingDeg the compass bearing in which the spot goes deep
     * @param cameraDeg the compass bearing of the camera as the subject sees it
     */
    public static List<Stretch<SunOnView.From>> sides(SunDay day, Skyline skyline, double facingDeg, double cameraDeg) {
        return stretches(
                day,
                at -> sunlit(day, skyline, facingDeg, at)
                        ? SunOnView.from(day, at, cameraDeg)
                        : SunOnView.From.NOWHERE);
    }

    private static boolean sunlit(SunDay day, Skyline skyline, double facingDeg, Instant at) {
        double altitude = day.altitudeDeg(at);
        return altitude > 0 && !skyline.hides(altitude, Degrees.wrap(day.azimuthDeg(at) - facingDeg));
    }

    private static <T> List<Stretch<T>> stretches(SunDay day, Function<Instant, T> what) {
        List<Stretch<T>> stretches = new ArrayList<>();
        Instant from = day.begins();
        T now = what.apply(from);
        Instant last = from;
        while (last.isBefore(day.ends())) {
            Instant next = earlier(last.plus(STEP), day.ends());
            T then = what.apply(next);
            if (!then.equals(now)) {
                Instant change = change(last, next, now, what);
                stretches.add(new Stretch<>(now, clock(day, from), clock(day, change)));
                from = change;
                now = then;
            }
            last = next;
        }
        stretches.add(new Stretch<>(now, clock(day, from), LocalTime.MIDNIGHT));
        return stretches;
    }

    private static Instant earlier(Instant one, Instant other) {
        return one.isBefore(other) ? one : other;
    }

    /** The first full minute at which it is something else. */
    private static <T> Instant change(Instant before, Instant after, T now, Function<Instant, T> what) {
        Instant low = before;
        Instant high = after;
        while (Duration.between(low, high).compareTo(EXACT) > 0) {
            Instant middle = low.plus(Duration.between(low, high).dividedBy(2)).truncatedTo(ChronoUnit.MINUTES);
            if (!middle.isAfter(low)) {
                break;
            }
            if (what.apply(middle).equals(now)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private static LocalTime clock(SunDay day, Instant at) {
        return at.atZone(day.zone()).toLocalTime();
    }
}
