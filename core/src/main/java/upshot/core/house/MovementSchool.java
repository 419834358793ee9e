package upshot.core.house;

/** How much the camera moves. */
public enum MovementSchool implements School {
    MOTIVATED(
            "every move has a reason",
            "A move says something: it follows, reveals or hands over.",
            "Each move has to be thought through beforehand."),
    KEEP_MOVING(
            "most shots move",
            "It has energy even where little happens.",
            "Still moments are missing when the music rests."),
    ANCHORED("mostly still", "Movement inside the frame shows, and joints are simple.", "Quiet actions can look flat.");

    private final Words words;

    MovementSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
