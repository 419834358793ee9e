package upshot.day;

import java.util.BitSet;

/** Which supports stand rigged at a spot since before, so that they are only taken up again. */
public final class StandingRigs {

    private final DayProblem problem;
    private final BitSet[] alike;

    public StandingRigs(DayProblem problem) {
        this.problem = problem;
        this.alike = new BitSet[problem.size()];
        for (int setup = 0; setup < problem.size(); setup++) {
            BitSet set = new BitSet();
            for (int other = 0; other < problem.size(); other++) {
                if (other != setup && sameSupport(setup, other) && sameSpot(setup, other)) {
                    set.set(other);
                }
            }
            alike[setup] = set;
        }
    }

    /** Minutes that a setup saves where it comes next, 0 where its support is rigged anew. */
    public double savedMin(DayState before, int setup) {
        return before.setup() >= 0 && stands(before, setup) ? mostSavedMin(before.setup(), setup) : 0;
    }

    /** What it saves at most behind another setup, whatever came before that. */
    double mostSavedMin(int before, int setup) {
        boolean rigged = before >= 0
                && problem.setup(before).gear().stand()
                        != problem.setup(setup).gear().stand()
                && !sameSupport(before, setup)
                && !alike[setup].isEmpty();
        Changes changes = problem.changes();
        double rigMin = changes.rigMin().get(problem.setup(setup).gear().support());
        return rigged ? Math.max(0, rigMin - changes.rigAgainMin()) : 0;
    }

    /** Where the support was used last, it still stands. */
    private boolean stands(DayState before, int setup) {
        if (!before.carried().done().intersects(alike[setup])) {
            return false;
        }
        for (DayState state = before; !state.first(); state = state.before()) {
            if (sameSupport(state.setup(), setup)) {
                return sameSpot(state.setup(), setup);
            }
        }
        return false;
    }

    private boolean sameSupport(int one, int other) {
        return problem.setup(one).gear().support()
                == problem.setup(other).gear().support();
    }

    private boolean sameSpot(int one, int other) {
        return problem.setup(one).gear().spot() == problem.setup(other).gear().spot();
    }
}
