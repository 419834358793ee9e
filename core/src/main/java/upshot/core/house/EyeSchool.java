package upshot.core.house;

/** How far the eye may have to jump at a joint. */
public enum EyeSchool implements School {
    FREE("it may travel", "Wide frames can be used to their edges.", "Quick joints lose the viewer for a moment."),
    HOLD("hold the eye", "Quick cutting stays easy to follow.", "Everything drifts to the middle of the frame.");

    private final String label;
    private final String forIt;
    private final String againstIt;

    EyeSchool(String label, String forIt, String againstIt) {
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
