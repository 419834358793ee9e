package upshot.core.light;

import java.time.Instant;
import java.util.Optional;
import upshot.core.ground.Place;
import upshot.core.measure.Degrees;
import upshot.core.measure.Labelled;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;

/**
 * How the sun falls on what a shot shows. The compass bearing of the view comes from where its spot faces: a camera at
 * bearing β stands at facing + β from the subject and looks the other way.
 *
 * @param hour when that is
 * @param altitudeDeg of the sun, −90 to 90°
 * @param offViewDeg from the view round to the sun by the compass, −180 to 180°: 0 when looking at it, positive when
 *     it stands to the right, ±180 when behind the camera
 */
public record SunOnView(LightHour hour, double altitudeDeg, double offViewDeg) {

    /** From which side the light comes. */
    public enum From implements Labelled {
        NOWHERE("no direct sun"),
        ABOVE("top light"),
        BEHIND("back light"),
        SIDE("side light"),
        FRONT("front light");

        private final String label;

        From(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Higher than this the sun is top light. */
    public static final double TOP_ABOVE_DEG = 50;

    /** Up to here it is back light. */
    public static final double BACK_WITHIN_DEG = 45;

    /** Up to here it is side light. */
    public static final double SIDE_WITHIN_DEG = 135;

    /** At the hour at which the shot's action will most likely be shot; empty indoors and where something is unknown. */
    public static Optional<SunOnView> of(Around plan, Shot shot) {
        Spot spot = plan.spotOf(plan.actionOf(shot));
        Optional<Double> compass = Place.compassDeg(plan, spot, plan.actionOf(shot), shot.bearingDeg());
        if (!spot.outdoors() || compass.isEmpty()) {
            return Optional.empty();
        }
        return LightHour.of(plan, plan.actionOf(shot)).map(hour -> at(hour, hour.at(), compass.get()));
    }

    /** @param cameraDeg the compass bearing of the camera as the subject sees it */
    static SunOnView at(LightHour hour, Instant at, double cameraDeg) {
        return new SunOnView(hour, hour.day().altitudeDeg(at), offViewDeg(hour.day(), at, cameraDeg));
    }

    private static double offViewDeg(SunDay day, Instant at, double cameraDeg) {
        double off = Degrees.wrap(day.azimuthDeg(at) - cameraDeg - 180);
        return off > 180 ? off - 360 : off;
    }

    public From from() {
        return from(altitudeDeg, offViewDeg);
    }

    /** From which side it comes at an instant, for a camera on a compass bearing round the subject. */
    static From from(SunDay day, Instant at, double cameraDeg) {
        return from(day.altitudeDeg(at), offViewDeg(day, at, cameraDeg));
    }

    private static From from(double altitudeDeg, double offViewDeg) {
        if (altitudeDeg < 0) {
            return From.NOWHERE;
        }
        if (altitudeDeg > TOP_ABOVE_DEG) {
            return From.ABOVE;
        }
        double off = Math.abs(offViewDeg);
        if (off <= BACK_WITHIN_DEG) {
            return From.BEHIND;
        }
        return off <= SIDE_WITHIN_DEG ? From.SIDE : From.FRONT;
    }
}
