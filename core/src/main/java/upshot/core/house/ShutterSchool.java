package upshot.core.house;

/** How much each frame smears what moves. */
public enum ShutterSchool implements School {
    FREE("whatever the light wants", "The shutter follows the exposure.", "Neighbouring shots may move differently."),
    HALF_OPEN("half of each frame, 180°", "Movement looks the way films look.", "In bright light it needs ND filters."),
    CRISP("short for what is fast", "Drops and sparks stand sharp.", "Slower movement stutters.");

    private final Words words;

    ShutterSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
