package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What the subject does with the frame. */
public enum FrameUse implements Labelled {
    STAYS("stays in it"),
    ENTERS("comes in"),
    LEAVES("goes out"),
    PASSES("passes through"),
    STEPS_OVER("steps over the camera");

    private final String label;

    FrameUse(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
