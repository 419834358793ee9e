package upshot.exchange.ground;

import upshot.core.plan.Outline.Corner;

/**
 * What a drawing reaches over, in metres.
 *
 * @param marginM of it on each side lie beyond everything that is drawn to scale
 */
record Bounds(double left, double near, double right, double far, double marginM) {

    static final Bounds NOTHING = new Bounds(1e9, 1e9, -1e9, -1e9, 0);

    private static final double LEAST_MARGIN_M = 1;
    private static final double MARGIN_SHARE = 0.06;
    /** How wide and high a plan is on a page of the usual size. */
    private static final double WIDE_PX = 884;

    private static final double HIGH_PX = 560;

    double wide() {
        return right - left;
    }

    double high() {
        return far - near;
    }

    /** Metres to a pixel on a page of the usual size. */
    double perPixelM() {
        return Math.max(wide() / WIDE_PX, high() / HIGH_PX);
    }

    PlanShapes.Box box() {
        return new PlanShapes.Box(Cm.of(left), Cm.of(-far), Cm.of(wide()), Cm.of(high()));
    }

    Bounds and(Corner point) {
        return new Bounds(
                Math.min(left, point.acrossM()),
                Math.min(near, point.deepM()),
                Math.max(right, point.acrossM()),
                Math.max(far, point.deepM()),
                marginM);
    }

    Bounds withMargin() {
        double margin = Math.max(LEAST_MARGIN_M, MARGIN_SHARE * Math.max(wide(), high()));
        return new Bounds(left - margin, near - margin, right + margin, far + margin, margin);
    }
}
