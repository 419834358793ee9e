package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What the subject does with the frame. */
public enum FrameUse implements Labelled {
    STAYS("stays in it", 0),
    ENTERS("comes in", 1),
    LEAVES("goes out", 1),
    PASSES("passes through", 2),
    STEPS_OVER("steps over the camera", 2);

    private final String label;
    private final double emptyS;

    FrameUse(String label, double emptyS) {
        this.label = label;
        this.emptyS = emptyS;
    }

    /** Seconds of the empty frame that it needs, one before the subject comes and one after it has gone. */
    public double emptyS() {
        return emptyS;
    }

    @Override
    public String label() {
        return label;
    }
}
