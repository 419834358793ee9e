package upshot.core.house;

/** How a film tells what happens. */
public enum TellingSchool implements School {
    SEQUENCES(
            "one action after the other",
            "Each thing is seen through before the next begins, so that nobody has to ask.",
            "What happens at the same time is told one after the other."),
    PARALLEL(
            "two strands in turn",
            "Two things that belong together lend each other pace.",
            "Both strands have to be strong, and each return has to be understood."),
    MONTAGE(
            "striking pictures of anything",
            "It has pace from the first second and needs no story.",
            "Nobody learns how a thing is done, and each picture has to stand by itself.");

    private final Words words;

    TellingSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
