package upshot.app.ground;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.ground.Place;
import upshot.core.light.SunDay;
import upshot.core.measure.Degrees;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;

/** Finds which way a spot faces from a shadow on its plan: what casts it, its tip, and when that was looked at. */
@Component
class NorthByShadow implements Gesture {

    private static final double LOWEST_DEG = 2;
    private static final double LEAST_M = 0.1;

    @Override
    public String name() {
        return "north-by-shadow";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Spot spot = arguments.chosen(plan, RecordKind.SPOT, "spotId");
        List<Corner> shadow = Points.read("points", arguments.text("points"), 2);
        if (Place.apartM(shadow.get(0), shadow.get(1)) < LEAST_M) {
            throw new InvalidField("points", "Mark what casts the shadow, then the shadow's tip.");
        }
        Brief brief = plan.brief();
        SunDay day = brief.coordinates()
                .map(place -> new SunDay(place, date(arguments), brief.clock()))
                .orElseThrow(() -> new InvalidField("date", "The Brief has to say first where it is."));
        var at = day.date().atTime(time(arguments)).atZone(day.zone()).toInstant();
        if (day.altitudeDeg(at) < LOWEST_DEG) {
            throw new InvalidField("time", "Then the sun is too low, or down: it casts no shadow to go by.");
        }
        double sunDeg = Place.bearingDeg(shadow.get(1), shadow.get(0));
        double facing = Math.rint(Degrees.wrap(day.azimuthDeg(at) - sunDeg)) % 360;
        return Proposal.of(
                "%s goes deep to %.0f°".formatted(spot.name(), facing),
                Change.set(spot, "facingDeg", Optional.of(facing)));
    }

    private static LocalDate date(Arguments arguments) {
        try {
            return LocalDate.parse(arguments.text("date"));
        } catch (DateTimeParseException none) {
            throw new InvalidField("date", "Say on which day you look at the shadow.");
        }
    }

    private static LocalTime time(Arguments arguments) {
        try {
            return LocalTime.parse(arguments.text("time"));
        } catch (DateTimeParseException none) {
            throw new InvalidField("time", "Say at what time you look at the shadow.");
        }
    }
}
