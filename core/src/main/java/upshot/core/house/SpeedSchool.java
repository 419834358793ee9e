package upshot.core.house;

/** How much slow motion the promo carries. */
public enum SpeedSchool implements School {
    SPARE("little slow motion", "Slow motion stays an event.", "Brief actions may pass unseen."),
    VARIED("speeds change often", "The pace never settles.", "It can look restless under calm music."),
    HIGH_FOR_OPTIONS(
            "quick rates, decide in the edit",
            "Everything can be slowed later.",
            "It costs light, card and often sensor area.");

    private final String label;
    private final String forIt;
    private final String againstIt;

    SpeedSchool(String label, String forIt, String againstIt) {
        this.label = label;
        this.forIt = forIt;
        this.againstIt = againstIt;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String forIt() {
        return forIt;
    }

    @Override
    public String againstIt() {
        return againstIt;
    }
}
