package upshot.core.order;

import java.util.Arrays;
import java.util.List;

/**
 * A crew's order while it is being changed: how it stands, with its times, and how it would be after one change. Only
 * what comes behind the first difference is timed again.
 */
final class CrewSketch {

    private final Pacing pacing;
    private final Untimed untimed;
    private final int kept;
    private final Line stands;
    private final Line tried;
    private int from;

    /** Setups with what they add up to; place 0 of the sums is the crew at its call. */
    private static final class Line {
        final int[] setups;
        final Pace[] paces;
        final long[] hundredths;
        final long[] broken;
        final long[] untimed;
        int size;

        Line(int most) {
            setups = new int[most];
            paces = new Pace[most + 1];
            hundredths = new long[most + 1];
            broken = new long[most + 1];
            untimed = new long[most + 1];
        }

        void copySums(Line other, int from, int until) {
            System.arraycopy(other.paces, from, paces, from, until - from);
            System.arraycopy(other.hundredths, from, hundredths, from, until - from);
            System.arraycopy(other.broken, from, broken, from, until - from);
            System.arraycopy(other.untimed, from, untimed, from, until - from);
        }
    }

    /**
     * A crew with its order.
     *
     * @param kept setups from the front that stay where they are
     */
    CrewSketch(Shoot shoot, Pacing pacing, Untimed untimed, Crew crew, List<Integer> order, int kept) {
        this.pacing = pacing;
        this.untimed = untimed;
        this.kept = kept;
        this.stands = new Line(shoot.size());
        this.tried = new Line(shoot.size());
        stands.paces[0] = Pace.atCall(shoot, crew);
        for (int setup : order) {
            tried.setups[tried.size++] = setup;
        }
        sum();
        time(Long.MAX_VALUE, 0);
        take();
    }

    int kept() {
        return kept;
    }

    int size() {
        return stands.size;
    }

    int setup(int place) {
        return stands.setups[place];
    }

    int[] setups(int at, int many) {
        return Arrays.copyOfRange(stands.setups, at, at + many);
    }

    long hundredths() {
        return stands.hundredths[stands.size];
    }

    long broken() {
        return stands.broken[stands.size];
    }

    long triedHundredths() {
        return tried.hundredths[tried.size];
    }

    long triedBroken() {
        return tried.broken[tried.size];
    }

    /** How the day stands after a place, 1 for the first setup. */
    Pace pace(int place, boolean afterTheChange) {
        return afterTheChange && place > from ? tried.paces[place] : stands.paces[place];
    }

    int size(boolean afterTheChange) {
        return afterTheChange ? tried.size : stands.size;
    }

    /** Tries some setups in the place of others. */
    void exchange(int at, int out, int... in) {
        System.arraycopy(stands.setups, 0, tried.setups, 0, at);
        System.arraycopy(in, 0, tried.setups, at, in.length);
        System.arraycopy(stands.setups, at + out, tried.setups, at + in.length, stands.size - at - out);
        tried.size = stands.size - out + in.length;
        compare();
    }

    /**
     * Tries some setups elsewhere.
     *
     * @param to where the first of them stands afterwards
     * @param turned the last of them first
     */
    void move(int at, int many, int to, boolean turned) {
        int[] moved = stands.setups;
        System.arraycopy(moved, 0, tried.setups, 0, Math.min(at, to));
        if (to < at) {
            System.arraycopy(moved, to, tried.setups, to + many, at - to);
        } else {
            System.arraycopy(moved, at + many, tried.setups, at, to - at);
        }
        for (int i = 0; i < many; i++) {
            tried.setups[to + i] = moved[turned ? at + many - 1 - i : at + i];
        }
        int behind = Math.max(at, to) + many;
        System.arraycopy(moved, behind, tried.setups, behind, stands.size - behind);
        tried.size = stands.size;
        compare();
    }

    /** Tries two setups in each other's place. */
    void swap(int one, int other) {
        System.arraycopy(stands.setups, 0, tried.setups, 0, stands.size);
        tried.setups[one] = stands.setups[other];
        tried.setups[other] = stands.setups[one];
        tried.size = stands.size;
        compare();
    }

    private void compare() {
        from = 0;
        int same = Math.min(tried.size, stands.size);
        while (from < same && tried.setups[from] == stands.setups[from]) {
            from++;
        }
        sum();
    }

    private void sum() {
        tried.copySums(stands, from, from + 1);
        untimed.sum(tried.paces[from], tried.setups, from, tried.size, tried.untimed);
    }

    /**
     * The least that the change can cost, in hundredths.
     *
     * @param share how much of what the clock costs now behind the change is taken to stay
     */
    long least(long perBroken, double share) {
        long clock = stands.hundredths[stands.size]
                - stands.hundredths[from]
                - (stands.untimed[stands.size] - stands.untimed[from]);
        return stands.hundredths[from]
                + perBroken * stands.broken[from]
                + tried.untimed[tried.size]
                - tried.untimed[from]
                + (long) (share * clock);
    }

    /** Times the change, as far as it is worth it: whether it costs no more than so much. */
    boolean time(long most, long perBroken) {
        for (int place = from; place < tried.size; place++) {
            Pace pace = pacing.then(tried.paces[place], tried.setups[place]);
            tried.paces[place + 1] = pace;
            tried.hundredths[place + 1] = tried.hundredths[place] + Match.total(pace);
            tried.broken[place + 1] = tried.broken[place] + pace.brokenMin();
            long rest = tried.untimed[tried.size] - tried.untimed[place + 1];
            if (tried.hundredths[place + 1] + perBroken * tried.broken[place + 1] + rest > most) {
                return false;
            }
        }
        return true;
    }

    /** The change stands. */
    void take() {
        System.arraycopy(tried.setups, from, stands.setups, from, tried.size - from);
        stands.copySums(tried, from, tried.size + 1);
        stands.size = tried.size;
    }
}
