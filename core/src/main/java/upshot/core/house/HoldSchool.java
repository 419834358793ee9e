package upshot.core.house;

/** How long a shot is kept clean. */
public enum HoldSchool implements School {
    AS_ASKED("as asked", "Cards and people last longer.", "A late idea in the edit finds no spare seconds."),
    LONG(
            "ten seconds, thirty for masters",
            "The editor can always go in earlier or out later.",
            "Fast things are over long before, and cards fill."),
    AS_LONG_AS_IT_LASTS(
            "the whole action and two seconds either side",
            "Nothing of the action is lost.",
            "Long actions make long clips to look through.");

    private final Words words;

    HoldSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}
