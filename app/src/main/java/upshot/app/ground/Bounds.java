package upshot.app.ground;

import upshot.core.plan.Outline.Corner;

/** What a drawing reaches over, in metres. */
record Bounds(double left, double near, double right, double far) {

    double wide() {
        return right - left;
    }

    double high() {
        return far - near;
    }

    Bounds and(Corner point) {
        return new Bounds(
                Math.min(left, point.acrossM()),
                Math.min(near, point.deepM()),
                Math.max(right, point.acrossM()),
                Math.max(far, point.deepM()));
    }
}
