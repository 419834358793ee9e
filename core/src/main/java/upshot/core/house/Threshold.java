package upshot.core.house;

import upshot.core.ground.ScreenTravel;
import upshot.core.measure.Labelled;

/** A number that a rule holds things against, which a job may move; everything else about the rule stays. */
public enum Threshold implements Labelled {
    ALIKE_ANGLE("turn that makes two views different", 30, 5, 90, "°"),
    ALIKE_RATIO("size step that makes two views different", 1.7, 1.1, 4, "×"),
    ALIKE_WATCH("share of it that can still pass", 0.75, 0.1, 1, ""),
    NEUTRAL_WITHIN("angle off the line that shows no direction", ScreenTravel.USUAL_NEUTRAL_WITHIN_DEG, 0, 60, "°"),
    HANDLE("playback kept on each side of a use", 1, 0, 10, "s"),
    TAIL("roll after the last clean second", 2, 0, 30, "s"),
    READY_BEFORE("ready before a fixed moment", 10, 0, 120, "min"),
    MARGIN("margin on rigging and shooting", 10, 0, 100, "%"),
    SAFETY_TALK("unloading and safety talk at the call", 15, 0, 180, "min");

    private final String label;
    private final double usual;
    private final double least;
    private final double most;
    private final String unit;

    Threshold(String label, double usual, double least, double most, String unit) {
        this.label = label;
        this.usual = usual;
        this.least = least;
        this.most = most;
        this.unit = unit;
    }

    @Override
    public String label() {
        return label;
    }

    /** What holds where nobody moved it. */
    public double usual() {
        return usual;
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }

    public String unit() {
        return unit;
    }
}
