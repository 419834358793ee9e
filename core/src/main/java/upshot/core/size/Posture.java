package upshot.core.size;

import upshot.core.measure.Labelled;

/** How a person holds the body; objects ignore it. */
public enum Posture implements Labelled {
    STANDING("standing", 1),
    WALKING("walking", 1),
    SEATED("seated", 0.77),
    KNEELING("kneeling", 0.75),
    /** On a bicycle, which is drawn under the figure. */
    RIDING("riding", 1.0);

    private final String label;
    private final double crownShare;

    Posture(String label, double crownShare) {
        this.label = label;
        this.crownShare = crownShare;
    }

    @Override
    public String label() {
        return label;
    }

    /** The crown's height above what the person is on, as a share of the standing height. */
    public double crownShare() {
        return crownShare;
    }
}
