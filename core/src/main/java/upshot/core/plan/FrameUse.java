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

    /** Whether the frame is empty before. */
    public boolean comes() {
        return this == ENTERS || this == PASSES;
    }

    /** Whether the frame is empty afterwards. */
    public boolean goes() {
        return this == LEAVES || this == PASSES;
    }

    @Override
    public String label() {
        return label;
    }
}
