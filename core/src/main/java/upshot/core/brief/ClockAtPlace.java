package upshot.core.brief;

import java.time.LocalDate;
import java.time.ZoneId;
import upshot.core.plan.Coordinates;

/**
 * Whether a time zone can be the one of a place. Clocks are set by states and not by the sun, but nowhere by much more
 * than two hours and a half from it; a zone that is farther off was most likely left over from another country.
 */
public final class ClockAtPlace {

    /** Most that a clock differs from the sun of its place before somebody is asked, in hours. */
    public static final double MOST_HOURS = 2.5;

    private static final double DEGREES_AN_HOUR = 15;
    private static final double HOURS_A_DAY = 24;
    private static final double SECONDS_AN_HOUR = 3600;

    private ClockAtPlace() {}

    /**
     * How far a zone's clock stands from the mean sun of a place: the zone's offset on a day, without summer time, less
     * the longitude over 15.
     *
     * @return hours, 0 to 12; the date line is no distance
     */
    public static double hoursFromSun(ZoneId zone, Coordinates place, LocalDate day) {
        double clock = zone.getRules()
                        .getStandardOffset(day.atStartOfDay(zone).toInstant())
                        .getTotalSeconds()
                / SECONDS_AN_HOUR;
        double apart = Math.abs(clock - place.longitudeDeg() / DEGREES_AN_HOUR) % HOURS_A_DAY;
        return Math.min(apart, HOURS_A_DAY - apart);
    }
}
