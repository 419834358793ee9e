package upshot.app.brief;

import java.time.ZoneId;
import java.util.Optional;
import net.iakovlev.timeshape.TimeZoneEngine;
import org.springframework.stereotype.Component;
import upshot.core.plan.Coordinates;

/** Looks up which clock holds at a place, on a map of the world's time zones that ships with a library. */
@Component
class ZoneFinder {

    /**
     * The zone of a place; empty where no zone is known. The whole map is read for it, which takes about two seconds and
     * two hundred megabytes for that long: a place is set once a job, and nothing of it is kept.
     */
    Optional<ZoneId> of(Coordinates place) {
        return TimeZoneEngine.initialize(false).query(place.latitudeDeg(), place.longitudeDeg());
    }
}
