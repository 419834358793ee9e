package upshot.core.plan;

import static upshot.core.plan.Check.range;

/**
 * What brings it closer than the lens does.
 *
 * @param dioptrePerM close-up glass in front, 0 to 20 per metre; 0 for none
 * @param punchIn how far the delivered picture is cut out of the recorded one, 1 to 8; 1 for the whole
 */
public record ShotCloseUp(double dioptrePerM, double punchIn) implements Part {

    public ShotCloseUp {
        dioptrePerM = range("dioptrePerM", "close-up glass", dioptrePerM, 0, 20, "1/m");
        punchIn = range("punchIn", "punch-in", punchIn, 1, 8, "×");
    }

    ShotCloseUp withDioptrePerM(double dioptrePerM) {
        return new ShotCloseUp(dioptrePerM, punchIn);
    }

    ShotCloseUp withPunchIn(double punchIn) {
        return new ShotCloseUp(dioptrePerM, punchIn);
    }
}
