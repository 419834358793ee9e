package upshot.exchange.ground;

import java.util.List;
import upshot.core.ground.FloorPlan;
import upshot.core.order.DayPlan;
import upshot.core.plan.Spot;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PlanShapes.Box;

/**
 * The plan of a spot as a small picture beside what else is said of a day, with the codes of the shots at their cameras.
 *
 * @param spot its name
 */
public record SmallPlan(String spot, String svg) {

    /** Of the larger side of the picture; it can still be read at 10 cm. */
    private static final double LETTERS = 0.026;

    /** Of all spots that are drawn and are shot at that day, in the order of the day. */
    public static List<SmallPlan> of(Verdict verdict) {
        return verdict.day().slots().stream()
                .map(DayPlan.Slot::setup)
                .map(setup -> verdict.plan().spotOf(setup.action()))
                .distinct()
                .filter(spot -> FloorPlan.of(verdict.plan(), spot).drawn())
                .map(spot -> of(verdict, spot))
                .toList();
    }

    private static SmallPlan of(Verdict verdict, Spot spot) {
        PlanDrawing plotted = new PlanDrawing(verdict, spot);
        Box whole = plotted.reach().box();
        return new SmallPlan(
                spot.name(),
                PlanSvg.small(
                        plotted.drawing(Look.PLAIN, LETTERS * Math.max(whole.wide(), whole.high())),
                        "Plan of " + spot.name(),
                        "small-" + spot.id()));
    }
}
