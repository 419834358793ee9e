package upshot.day;

/** What an order is short on or long on, all in minutes of the crew. */
public enum Cost {
    /** Walks, rigging, lenses, lamps: all that stands between one setup and the next. */
    GETTING_READY("getting ready", 1),
    /** Takes with their resets; less where cameras roll together. */
    SHOOTING("shooting", 1),
    /** The crew has nothing to do. */
    WAITING("waiting", 1),
    /** Somebody in front of the camera has nothing to do; whoever may go after the last shot counts whole. */
    KEPT_WAITING("people kept waiting, as it counts", 0.25),
    /** Somebody works longer without a rest than they can. */
    EFFORT("people without a rest", 1),
    /** Outdoors the light has moved on since the same action was shot before. */
    DRIFT("light moving on, as it counts", 0.1),
    /** It comes before something that the school of order wants earlier, or clean work comes after mess. */
    OUT_OF_TURN("urgent or clean work late, as it counts", 1);

    static final Cost[] ALL = values();

    private final String label;
    private final double weight;

    Cost(String label, double weight) {
        this.label = label;
        this.weight = weight;
    }

    public String label() {
        return label;
    }

    /** So many minutes of it as they count, in hundredths. */
    int hundredths(double minutes) {
        return (int) Math.floor(minutes * weight * 100 + 0.5);
    }

    /** How much one such minute counts against a minute of the crew. */
    public double weight() {
        return weight;
    }
}
