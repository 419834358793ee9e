package upshot.core.plan;

import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;

/**
 * When a shot has its turn on the day; clock times follow from the order. Shots of one setup share the turn of the first
 * of them that has one.
 *
 * @param shiftId the further shift it is shot in, none for the brief's own day
 * @param rank place in the order of the shift
 * @param pinnedTime the clock time at which getting ready begins whatever else moves, or none
 * @param letGo whether somebody decided that it is not shot at all
 */
public record Turn(
        UUID id,
        @Refers(to = "shot") UUID shotId,
        @Refers(to = "shift") Optional<UUID> shiftId,
        double rank,
        Optional<LocalTime> pinnedTime,
        boolean letGo)
        implements PlanRecord {

    public Turn {
        Check.present("id", id);
        Check.present("shotId", shotId);
        Check.chosen("shiftId", "shift", shiftId);
        rank = Check.rank(rank);
        Check.chosen("pinnedTime", "time", pinnedTime).ifPresent(time -> Check.minute("pinnedTime", "time", time));
    }

    /** A turn in the brief's own day at no time of its own. */
    public static Turn of(UUID id, UUID shotId, double rank) {
        return new Turn(id, shotId, Optional.empty(), rank, Optional.empty(), false);
    }

    public Turn withShiftId(Optional<UUID> shiftId) {
        return RecordKind.TURN.with(this, "shiftId", shiftId);
    }

    public Turn withRank(double rank) {
        return RecordKind.TURN.with(this, "rank", rank);
    }

    public Turn withPinnedTime(Optional<LocalTime> pinnedTime) {
        return RecordKind.TURN.with(this, "pinnedTime", pinnedTime);
    }

    public Turn withLetGo(boolean letGo) {
        return RecordKind.TURN.with(this, "letGo", letGo);
    }

    @Override
    public String label() {
        return "turn";
    }
}
