package upshot.app.crew;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import upshot.app.crew.CrewKey.Standing;
import upshot.app.store.CrewPhones.CrewPhone;
import upshot.core.plan.Brief;

/** How long a phone of the crew is let in: until twelve hours after wrap by the clock of the place, or until taken back. */
final class CrewHours {

    private static final Duration AFTER_WRAP = Duration.ofHours(12);
    /** For a day that has no date yet. */
    private static final Duration WITHOUT_DATE = Duration.ofDays(30);

    private static final Duration STILL_TAKEN = Duration.ofDays(30);

    private CrewHours() {}

    /** When the day ends for phones of the crew; none while it has no date. */
    static Optional<Instant> dayEnds(Brief brief) {
        return brief.instantAt(brief.dayMinutes()).map(wrap -> wrap.plus(AFTER_WRAP));
    }

    static Standing standing(CrewPhone phone, Brief brief, Instant now) {
        Instant ends = dayEnds(brief).orElse(phone.admittedAt().plus(WITHOUT_DATE));
        Instant ended = phone.takenBackAt().filter(ends::isAfter).orElse(ends);
        if (now.isBefore(ended)) {
            return Standing.HERE;
        }
        return now.isBefore(ended.plus(STILL_TAKEN)) ? Standing.ENDED : Standing.OVER;
    }
}
