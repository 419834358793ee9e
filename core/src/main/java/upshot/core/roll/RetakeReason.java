package upshot.core.roll;

import upshot.core.measure.Labelled;

/** Why a take is made again. */
public enum RetakeReason implements Labelled {
    FRAMING("framing", "Look round the edges of the frame before you roll."),
    FOCUS("focus", "Focus locked on the mark, not searching."),
    SHAKE("shake", "Elbows in, brace on something; on legs: nothing loose."),
    LIGHT("light changed", "Exposure locked; wait for the cloud, or roll at once."),
    NOISE("noise", "Listen for traffic and machines before you roll."),
    WIND("wind", "Wind cover on the microphone, or another side of the wall."),
    PERFORMANCE("performance", "Say what is wanted once more, and from where."),
    TOO_SHORT("too short", "Count the clean seconds, and two more."),
    FLICKER("flicker", "Shutter to the mains; lamps off that are not needed.");

    private final String label;
    private final String prevention;

    RetakeReason(String label, String prevention) {
        this.label = label;
        this.prevention = prevention;
    }

    @Override
    public String label() {
        return label;
    }

    /** What prevents it, said the second time it comes. */
    public String prevention() {
        return prevention;
    }
}
