package upshot.day;

/** Time that is not spent on a setup, in minutes after the brief's call. */
public record Pause(Kind kind, int fromMin, int untilMin) {

    /** What for. */
    public enum Kind {
        BREAK("Break"),
        MEAL("Meal"),
        COPY("Copy the cards");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    int minutes() {
        return untilMin - fromMin;
    }
}
