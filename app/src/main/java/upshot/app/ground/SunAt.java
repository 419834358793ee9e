package upshot.app.ground;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import upshot.core.finding.Wording;
import upshot.core.light.SunDay;
import upshot.core.measure.Degrees;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;

/**
 * The sun over a spot at a minute of the day.
 *
 * @param altitudeDeg above the horizon
 * @param azimuthDeg by the compass
 * @param towardsDeg clockwise from the direction in which the spot goes deep
 */
record SunAt(LocalTime at, double altitudeDeg, double azimuthDeg, double towardsDeg) {

    static final int MINUTES = 24 * 60;
    private static final int HOUR = 60;

    /** Empty where place, date or the spot's own direction are unknown. */
    static Optional<SunAt> of(Plan plan, Spot spot, int minute) {
        return SunDay.of(plan.brief())
                .flatMap(day -> spot.facingDeg().map(facing -> {
                    LocalTime clock = LocalTime.of(minute / HOUR, minute % HOUR);
                    LocalDate date = day.date();
                    Instant instant = date.atTime(clock).atZone(day.zone()).toInstant();
                    double azimuth = day.azimuthDeg(instant);
                    return new SunAt(clock, day.altitudeDeg(instant), azimuth, Degrees.wrap(azimuth - facing));
                }));
    }

    boolean up() {
        return altitudeDeg > 0;
    }

    String words() {
        return up()
                ? "Sun %s up at %s".formatted(Wording.degrees(altitudeDeg), Wording.degrees(azimuthDeg))
                : "The sun is down";
    }
}
