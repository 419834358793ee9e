package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;

import java.util.Optional;
import upshot.core.size.Posture;

/**
 * Where in its spot an action happens.
 *
 * @param posture of a person
 * @param baseHeightM what the subject stands on, above the floor, 0 to 100 m
 * @param acrossM where in the spot it happens, −1000 to 1000 m, or none
 * @param deepM likewise
 */
public record ActionPlace(Posture posture, double baseHeightM, Optional<Double> acrossM, Optional<Double> deepM)
        implements Part {

    public ActionPlace {
        chosen("posture", "posture", posture);
        baseHeightM = range("baseHeightM", "height above the floor", baseHeightM, 0, 100, "m");
        acrossM = range("acrossM", "place across", acrossM, -1000, 1000, "m");
        deepM = range("deepM", "place in depth", deepM, -1000, 1000, "m");
    }
}
