package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.whole;

/**
 * How long and how often it is taken, and what for.
 *
 * @param holdS clean seconds asked for, 0.5 to 3600 s
 * @param takes 1 to 99
 * @param meant what for, before there is a cut
 * @param cleanPlate whether the frame is taken once more with nothing in it, locked off, for a trick in the edit
 */
public record ShotTake(double holdS, int takes, Meant meant, boolean cleanPlate) implements Part {

    public ShotTake {
        holdS = range("holdS", "hold", holdS, 0.5, 3600, "s");
        takes = whole("takes", "number of takes", takes, 1, 99, "");
        chosen("meant", "purpose", meant);
    }

    ShotTake withHoldS(double holdS) {
        return new ShotTake(holdS, takes, meant, cleanPlate);
    }

    ShotTake withTakes(int takes) {
        return new ShotTake(holdS, takes, meant, cleanPlate);
    }

    ShotTake withMeant(Meant meant) {
        return new ShotTake(holdS, takes, meant, cleanPlate);
    }

    ShotTake withCleanPlate(boolean cleanPlate) {
        return new ShotTake(holdS, takes, meant, cleanPlate);
    }
}
