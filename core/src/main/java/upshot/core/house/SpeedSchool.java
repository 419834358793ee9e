package upshot.core.house;

/** How much slow motion the promo carries. */
public enum SpeedSchool implements School {
    SPARE("little slow motion", "Slow motion stays an event.", "Brief actions may pass unseen."),
    VARIED("speeds change often", "The pace never settles.", "It can look restless under calm music."),
    HIGH_FOR_OPTIONS(
            "quick rates, decide in the edit",
            "Everything can be slowed later.",
            "It costs light, card and often sensor area.");

    private final Words words;

    SpeedSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
