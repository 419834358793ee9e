package upshot.exchange.agenda;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.plan.Moment;
import upshot.exchange.text.Unreadable;

/**
 * What was read of an agenda.
 *
 * @param moments in the order of the file
 * @param leftOut what was understood but is no moment, each with its reason
 */
public record Agenda(List<Moment> moments, List<String> leftOut) {

    /** As many as a job can hold. */
    public static final int MOST = 500;

    /**
     * For which day and place a file is read.
     *
     * @param day the day of the shoot; moments of this day need no date of their own
     * @param zone the place's clock
     * @param ids new ids
     */
    public record Frame(Optional<LocalDate> day, ZoneId zone, Supplier<UUID> ids) {

        /** The date of a moment, empty for the day of the shoot. */
        Optional<LocalDate> dateOf(LocalDate date) {
            return day.filter(date::equals).isPresent() ? Optional.empty() : Optional.of(date);
        }
    }

    /** Refuses the moment that would be one too many before it is read. */
    static void checkRoom(List<Moment> moments) {
        if (moments.size() >= MOST) {
            throw new Unreadable("", "There are more than %d moments, which is the most.".formatted(MOST));
        }
    }

    public Agenda {
        moments = List.copyOf(moments);
        leftOut = List.copyOf(leftOut);
        if (moments.size() > MOST) {
            throw new Unreadable("", "There are %d moments; %d is the most.".formatted(moments.size(), MOST));
        }
    }
}
