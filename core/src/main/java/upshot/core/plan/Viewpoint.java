package upshot.core.plan;

import upshot.core.measure.Labelled;

/** Whose eyes the camera is. */
public enum Viewpoint implements Labelled {
    OBJECTIVE("onlooker"),
    OVER_SHOULDER("over the shoulder"),
    POINT_OF_VIEW("point of view"),
    INSIDE_OUT("from inside looking out");

    private final String label;

    Viewpoint(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
