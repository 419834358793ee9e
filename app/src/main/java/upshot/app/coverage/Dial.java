package upshot.app.coverage;

import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.Press;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.exchange.svg.DialSvg;

/**
 * Where round its subject a shot's camera stands, to be turned.
 *
 * @param field of the bearing
 * @param drawing from above, made from numbers only
 * @param place in the subject's own left and right
 * @param round how far from straight in front
 * @param steps the operator's own, to the left and to the right
 */
record Dial(FieldView field, String drawing, String place, String round, List<Step> steps) {

    private static final double STEP_M = 0.75;
    private static final double MOST_DEG = 30;
    private static final double LEAST_DEG = 1;

    /** A step to one side. */
    record Step(String label, String metres, Press press) {}

    static Dial of(Plan plan, Shot shot, Stand stand) {
        List<Double> others = plan.shotsOf(plan.actionOf(shot)).stream()
                .filter(other -> !other.equals(shot))
                .map(Shot::bearingDeg)
                .distinct()
                .toList();
        return new Dial(
                FieldView.bearing(shot, "bearingDeg", "Bearing"),
                DialSvg.render(shot.bearingDeg(), others, stand.extent().person()),
                Wording.side(shot.bearingDeg()),
                Wording.round(shot.bearingDeg()),
                steps(shot, stand.groundDistanceM()));
    }

    /** Who looks at the subject from in front and steps to the right comes to its left, against the clock seen from above. */
    private static List<Step> steps(Shot shot, double radiusM) {
        double turnDeg =
                Math.max(LEAST_DEG, Math.rint(Math.min(MOST_DEG, Math.toDegrees(STEP_M / Math.max(0.1, radiusM)))));
        String metres = Wording.metres(Math.toRadians(turnDeg) * radiusM);
        return List.of(
                new Step("A step to your left", metres, turned(shot, turnDeg)),
                new Step("A step to your right", metres, turned(shot, -turnDeg)));
    }

    private static Press turned(Shot shot, double turnDeg) {
        return Press.change(Change.edit(shot, one -> one.withBearingDeg(Degrees.wrap(one.bearingDeg() + turnDeg))));
    }
}
