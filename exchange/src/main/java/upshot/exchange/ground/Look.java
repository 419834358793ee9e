package upshot.exchange.ground;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.light.SunAt;
import upshot.core.plan.Shot;

/**
 * What of a plan is shown.
 *
 * @param chosen the shot that stands out, with its lamps and the side that is kept
 * @param sun at the minute that is shown
 * @param setUp the shots that are set up at that minute, where that is asked; all others are faint
 */
public record Look(Optional<Shot> chosen, Optional<SunAt> sun, Optional<Set<UUID>> setUp) {

    public static final Look PLAIN = new Look(Optional.empty(), Optional.empty(), Optional.empty());

    boolean chosen(Shot shot) {
        return chosen.filter(one -> one.id().equals(shot.id())).isPresent();
    }
}
