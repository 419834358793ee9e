package upshot.core.house;

/** Whose light it is. */
public enum LightSchool implements School {
    NATURAL(
            "the light that is there",
            "It is quick, and the place looks like itself.",
            "Hours, windows and bearings decide."),
    SHAPED("own lights", "It looks the same at any hour.", "Rigging takes minutes, power and somebody who may do it.");

    private final String label;
    private final String forIt;
    private final String againstIt;

    LightSchool(String label, String forIt, String againstIt) {
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
