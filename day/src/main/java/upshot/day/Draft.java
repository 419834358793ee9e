package upshot.day;

/**
 * A crew's setups while a search changes them: how they stand, with their times, and how they would be after one change.
 * Only what comes behind the first difference is timed again. Without a crew it is what nobody shoots, and has no times.
 */
final class Draft {

    static final int NOBODY = -1;

    private final DayClock clock;
    private final SureCosts sureCosts;
    private final int kept;
    private Line stands;
    private Line tried;
    private int from;

    /** Setups with what they add up to; place 0 of the sums is the crew at its call. */
    private static final class Line {
        final int[] setups;
        final DayState[] states;
        final int[] hundredths;
        final int[] broken;
        final int[] sure;
        int size;

        Line(int most) {
            setups = new int[most];
            states = new DayState[most + 1];
            hundredths = new int[most + 1];
            broken = new int[most + 1];
            sure = new int[most + 1];
        }

        void append(Line other, int at, int many, boolean turned) {
            for (int i = 0; i < many; i++) {
                setups[size + i] = other.setups[turned ? at + many - 1 - i : at + i];
            }
            size += many;
        }

        void copySums(Line other, int from, int until) {
            System.arraycopy(other.states, from, states, from, until - from);
            System.arraycopy(other.hundredths, from, hundredths, from, until - from);
            System.arraycopy(other.broken, from, broken, from, until - from);
            System.arraycopy(other.sure, from, sure, from, until - from);
        }
    }

    /**
     * Some setups in their order.
     *
     * @param kept from the front, that stay where they are
     */
    Draft(DayClock clock, SureCosts sureCosts, int crew, Iterable<Integer> order, int kept) {
        this.clock = clock;
        this.sureCosts = sureCosts;
        this.kept = kept;
        this.stands = new Line(clock.problem().size());
        this.tried = new Line(clock.problem().size());
        stands.states[0] = crew == NOBODY ? null : clock.atCall(crew);
        for (int setup : order) {
            tried.setups[tried.size++] = setup;
        }
        compare();
        time(Double.MAX_VALUE, 0);
        take();
    }

    private boolean nobodys() {
        return stands.states[0] == null;
    }

    int kept() {
        return kept;
    }

    int size() {
        return stands.size;
    }

    /** How many of them may be moved. */
    int free() {
        return stands.size - kept;
    }

    int setup(int place) {
        return stands.setups[place];
    }

    int hundredths() {
        return stands.hundredths[stands.size];
    }

    int broken() {
        return stands.broken[stands.size];
    }

    int triedSize() {
        return tried.size;
    }

    /** How the day stands after a place, 1 for the first setup, with the change in it. */
    DayState tried(int place) {
        return place > from ? tried.states[place] : stands.states[place];
    }

    DayState stands(int place) {
        return stands.states[place];
    }

    /** Tries two stretches of its own in each other's place, the later one perhaps turned round. */
    void swap(Stretch one, Stretch other) {
        tried.size = 0;
        int between = other.at() - one.at() - one.many();
        tried.append(stands, 0, one.at(), false);
        tried.append(stands, other.at(), other.many(), other.turned());
        tried.append(stands, one.at() + one.many(), between, false);
        tried.append(stands, one.at(), one.many(), one.turned());
        int behind = other.at() + other.many();
        tried.append(stands, behind, stands.size - behind, false);
        compare();
    }

    /** Tries a stretch of another in the place of one of its own. */
    void replace(Stretch one, Draft source, Stretch other) {
        tried.size = 0;
        tried.append(stands, 0, one.at(), false);
        tried.append(source.stands, other.at(), other.many(), other.turned());
        int behind = one.at() + one.many();
        tried.append(stands, behind, stands.size - behind, false);
        compare();
    }

    private void compare() {
        from = 0;
        int same = Math.min(tried.size, stands.size);
        while (from < same && tried.setups[from] == stands.setups[from]) {
            from++;
        }
        tried.copySums(stands, from, from + 1);
        if (!nobodys()) {
            sureCosts.sum(tried.states[from], tried.setups, from, tried.size, tried.sure);
        }
    }

    /**
     * The least that the change can cost, in hundredths.
     *
     * @param share how much of what the clock costs now behind the change is taken to stay
     */
    double least(double perBroken, double share) {
        if (nobodys()) {
            return 0;
        }
        int clockCosts = stands.hundredths[stands.size]
                - stands.hundredths[from]
                - (stands.sure[stands.size] - stands.sure[from]);
        return stands.hundredths[from]
                - givenBack(from)
                + perBroken * stands.broken[from]
                + (tried.sure[tried.size] - tried.sure[from])
                + Math.floor(share * clockCosts);
    }

    /** Times the change, as far as it is worth it: whether it costs no more than so much. */
    boolean time(double most, double perBroken) {
        for (int place = from; place < tried.size && !nobodys(); place++) {
            DayState state = clock.then(tried.states[place], tried.setups[place]);
            tried.states[place + 1] = state;
            tried.hundredths[place + 1] = tried.hundredths[place] + state.hundredths();
            tried.broken[place + 1] = tried.broken[place] + state.brokenMin();
            int rest = tried.sure[tried.size] - tried.sure[place + 1] - givenBack(place + 1);
            if (tried.hundredths[place + 1] + perBroken * tried.broken[place + 1] + rest > most) {
                return false;
            }
        }
        return true;
    }

    /** What the change may get back of the costs up to a place. */
    private int givenBack(int place) {
        return place < tried.size ? sureCosts.mayBeGivenBack(tried.states[place], tried.setups[place]) : 0;
    }

    /** What the change costs, once it is timed. */
    double triedCost(double perBroken) {
        return nobodys() ? 0 : tried.hundredths[tried.size] + perBroken * tried.broken[tried.size];
    }

    double cost(double perBroken) {
        return nobodys() ? 0 : hundredths() + perBroken * broken();
    }

    /** The change stands. */
    void take() {
        tried.copySums(stands, 0, from);
        Line before = stands;
        stands = tried;
        tried = before;
    }
}
