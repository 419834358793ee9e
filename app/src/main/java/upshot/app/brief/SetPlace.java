package upshot.app.brief;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.brief.ClockAtPlace;
import upshot.core.finding.Wording;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.InvalidField;

/** Says where the place is on the map and which clock holds there; asks when the sun contradicts the clock. */
@Component
class SetPlace implements Gesture {

    private final Clock clock;

    SetPlace(Clock clock) {
        this.clock = clock;
    }

    @Override
    public String name() {
        return "set-place";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        String typed = arguments.text("coordinates");
        Brief brief = context.plan().brief();
        Optional<Coordinates> place = typed.isEmpty() ? Optional.empty() : Optional.of(parse(typed));
        String zone = arguments.text("zone");
        List<Change> changes = new ArrayList<>();
        if (!brief.coordinates().equals(place)) {
            changes.add(Change.edit(brief, one -> one.withCoordinates(place)));
        }
        if (!brief.zone().equals(zone)) {
            changes.add(Change.edit(brief, one -> one.withZone(zone)));
        }
        Change.Batch change = Change.batch(changes);
        Brief placed = context.plan().apply(change).brief();
        if (place.isPresent()) {
            checkThere(placed);
        }
        if (place.isPresent() && !arguments.on("keep")) {
            checkSun(placed, place.get());
        }
        return Proposal.of(place.map(Coordinates::label).orElse("forget where it is"), change);
    }

    private static void checkThere(Brief placed) {
        if (placed.zone().isEmpty()) {
            throw new InvalidField(
                    "zone", "Which clock holds there? Choose its time zone, for instance Europe/London.");
        }
    }

    private void checkSun(Brief placed, Coordinates place) {
        ZoneId zone = placed.clock();
        double apart = ClockAtPlace.hoursFromSun(zone, place, placed.shootDate().orElseGet(() -> LocalDate.now(clock)));
        if (apart > ClockAtPlace.MOST_HOURS) {
            throw new InvalidField(
                    "zone",
                    "The clock of %s is %s h from the sun at %s. Choose the zone of the place, or say that it is right."
                            .formatted(zone, Wording.number(apart, 1), place.label()));
        }
    }

    private static Coordinates parse(String typed) {
        try {
            return Coordinates.parse(typed);
        } catch (IllegalArgumentException noPlace) {
            throw new InvalidField("coordinates", noPlace.getMessage());
        }
    }
}
