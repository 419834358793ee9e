package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.InvalidField;

/** Says where the place is on the map, and with it which clock holds there. */
@Component
class SetPlace implements Gesture {

    private final ZoneFinder zones;

    SetPlace(ZoneFinder zones) {
        this.zones = zones;
    }

    @Override
    public String name() {
        return "set-place";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        String typed = new Arguments(sent).text("coordinates");
        Brief brief = desk.plan().brief();
        Optional<Coordinates> place = typed.isEmpty() ? Optional.empty() : Optional.of(parse(typed));
        String zone = place.flatMap(zones::of).map(Object::toString).orElse("");
        List<Change> changes = new ArrayList<>();
        if (!brief.coordinates().equals(place)) {
            changes.add(Change.set(brief, "coordinates", place));
        }
        if (!brief.zone().equals(zone)) {
            changes.add(Change.set(brief, "zone", zone));
        }
        return Proposal.of(place.map(Coordinates::label).orElse("forget where it is"), Change.batch(changes));
    }

    private static Coordinates parse(String typed) {
        try {
            return Coordinates.parse(typed);
        } catch (IllegalArgumentException noPlace) {
            throw new InvalidField("coordinates", noPlace.getMessage());
        }
    }
}
