package upshot.core.house;

/** How long a picture stands, before there is a cut. */
public enum PaceSchool implements School {
    QUICK(
            "quick, 1.2 s a picture",
            1.2,
            "Much is seen in little time.",
            "It takes more pictures, and details pass unread."),
    USUAL("usual, 1.8 s a picture", 1.8, "A picture is read and goes on.", "Neither hurry nor calm is felt."),
    CALM("calm, 3 s a picture", 3, "There is time to look.", "Each picture has to bear it.");

    private final Words words;
    private final double pictureS;

    PaceSchool(String label, double pictureS, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
        this.pictureS = pictureS;
    }

    /** Seconds that a picture stands on average. */
    public double pictureS() {
        return pictureS;
    }

    @Override
    public Words words() {
        return words;
    }
}
