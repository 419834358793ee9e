package upshot.core.light;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import upshot.core.finding.Wording;
import upshot.core.measure.Degrees;
import upshot.core.plan.Givens;
import upshot.core.plan.Spot;

/**
 * The sun over a spot at a minute of a day.
 *
 * @param altitudeDeg above the horizon, −90 to 90°
 * @param azimuthDeg by the compass, 0 up to 360°, north 0
 * @param towardsDeg clockwise from the direction in which the spot goes deep
 */
public record SunAt(LocalDate date, LocalTime at, double altitudeDeg, double azimuthDeg, double towardsDeg) {

    public static final int MINUTES = 24 * 60;
    private static final int HOUR = 60;

    /**
     * Empty where the place or the spot's own direction are unknown.
     *
     * @param minute of the wall clock, 0 to 1439
     */
    public static Optional<SunAt> of(Givens plan, Spot spot, LocalDate date, int minute) {
        return plan.brief()
                .coordinates()
                .flatMap(place -> spot.facingDeg().map(facing -> {
                    SunDay day = new SunDay(place, date, plan.brief().clock());
                    LocalTime clock = LocalTime.of(minute / HOUR, minute % HOUR);
                    Instant instant = date.atTime(clock).atZone(day.zone()).toInstant();
                    double azimuth = day.azimuthDeg(instant);
                    return new SunAt(date, clock, day.altitudeDeg(instant), azimuth, Degrees.wrap(azimuth - facing));
                }));
    }

    public boolean up() {
        return altitudeDeg > 0;
    }

    public String words() {
        return up()
                ? "Sun %s up at %s".formatted(Wording.degrees(altitudeDeg), Wording.degrees(azimuthDeg))
                : "The sun is down";
    }
}
