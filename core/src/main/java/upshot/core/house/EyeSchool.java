package upshot.core.house;

/** How far the eye may have to jump at a joint. */
public enum EyeSchool implements School {
    FREE("it may travel", "Wide frames can be used to their edges.", "Quick joints lose the viewer for a moment."),
    HOLD("hold the eye", "Quick cutting stays easy to follow.", "Everything drifts to the middle of the frame.");

    private final Words words;

    EyeSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
