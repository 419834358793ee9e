package upshot.core.house;

/** Whose light it is. */
public enum LightSchool implements School {
    NATURAL(
            "the light that is there",
            "It is quick, and the place looks like itself.",
            "Hours, windows and bearings decide."),
    SHAPED("own lights", "It looks the same at any hour.", "Rigging takes minutes, power and somebody who may do it.");

    private final Words words;

    LightSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
