package upshot.core.plan;

import upshot.core.measure.Labelled;

/** How a body names its shutter. */
public enum ShutterScale implements Labelled {
    STILLS("third-stop times"),
    ANGLES("angles");

    private final String label;

    ShutterScale(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
