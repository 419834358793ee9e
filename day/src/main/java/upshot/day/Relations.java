package upshot.day;

import java.util.BitSet;
import java.util.List;

/** Who shares what, as sets: lists are for the problem, and too slow for a search. */
final class Relations {

    private static final BitSet NONE = new BitSet();

    private final DayProblem problem;
    private final BitSet[] sameAction;
    private final BitSet[] before;
    private final BitSet[] after;
    private final BitSet[] people;

    Relations(DayProblem problem) {
        this.problem = problem;
        int size = problem.size();
        sameAction = new BitSet[size];
        before = new BitSet[size];
        after = new BitSet[size];
        people = new BitSet[size];
        BitSet[] byAction = new BitSet[size];
        for (int i = 0; i < size; i++) {
            DaySetup setup = problem.setup(i);
            if (byAction[setup.action()] == null) {
                byAction[setup.action()] = new BitSet();
            }
            byAction[setup.action()].set(i);
            sameAction[i] = byAction[setup.action()];
            before[i] = set(setup.before());
            after[i] = set(setup.after());
            people[i] = set(setup.people());
        }
    }

    private static BitSet set(List<Integer> members) {
        if (members.isEmpty()) {
            return NONE;
        }
        BitSet set = new BitSet();
        for (int member : members) {
            set.set(member);
        }
        return set;
    }

    /** Setups of the same action, itself among them. */
    BitSet sameAction(int setup) {
        return sameAction[setup];
    }

    /** Setups that must not come after it. */
    BitSet before(int setup) {
        return before[setup];
    }

    /** Setups that must not come before it. */
    BitSet after(int setup) {
        return after[setup];
    }

    /**
     * By how many minutes setups of two crews break a limit between them, 0 for nothing: somebody is with both, what must
     * come first comes later, a moment is split.
     */
    int brokenMin(DayState one, DayState other) {
        return sharedMin(one, other) + (turned(one, other) ? 1 : 0) + (split(one, other) ? 1 : 0);
    }

    /** Which limit that is, where there is one. */
    Limit limit(DayState one, DayState other) {
        if (sharedMin(one, other) > 0) {
            return Limit.TWO_PLACES;
        }
        return turned(one, other) ? Limit.BEFORE : Limit.ONCE;
    }

    private int sharedMin(DayState one, DayState other) {
        int shared = Math.min(one.endMin(), other.endMin())
                + walkMin(one.setup(), other.setup())
                - Math.max(one.rollMin(), other.rollMin());
        boolean together = one.rollMin() == other.rollMin() && once(one, other);
        return shared > 0 && !together && people[one.setup()].intersects(people[other.setup()]) ? shared : 0;
    }

    /** Whoever changes crews changes spots too, and walks. */
    private int walkMin(int one, int other) {
        int from = problem.setup(one).gear().spot();
        int to = problem.setup(other).gear().spot();
        return from == to
                ? 0
                : DayClock.roundedUp(problem.changes().walkMin().get(from).get(to));
    }

    private boolean turned(DayState one, DayState other) {
        return after[one.setup()].get(other.setup()) && one.endMin() > other.rollMin()
                || after[other.setup()].get(one.setup()) && other.endMin() > one.rollMin();
    }

    private boolean split(DayState one, DayState other) {
        return once(one, other) && one.rollMin() != other.rollMin();
    }

    private boolean once(DayState one, DayState other) {
        return problem.setup(one.setup()).once() && sameAction[one.setup()].get(other.setup());
    }
}
