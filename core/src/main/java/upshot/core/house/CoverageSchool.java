package upshot.core.house;

/** Which shots an action needs before it counts as covered. */
public enum CoverageSchool implements School {
    TRIAD(
            "wide, mid and detail of each scene",
            "Three sizes of what happens in one place cut into any order.",
            "It says nothing of height, so everything may end at eye level."),
    TRIAD_EACH_ACTION(
            "wide, mid and detail of each action",
            "Three sizes of everything cut into any scene.",
            "It takes three setups where one picture may be enough."),
    TRIPLE(
            "each size at three heights",
            "Nine views of an action never run out in the edit.",
            "It takes three times the setups, and most are never used."),
    PERFORMANCE(
            "a master, then each performer",
            "A whole run holds the sync and the rest can be fragments.",
            "The master costs a full run before anything else is shot."),
    PRODUCT(
            "level, 45°, overhead, turning, and the moving detail",
            "Every side of the thing is on file.",
            "Without hands and a place it can look like a catalogue.");

    private final Words words;

    CoverageSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
