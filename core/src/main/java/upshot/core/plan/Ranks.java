package upshot.core.plan;

import java.util.ArrayList;
import java.util.List;

/** Places in an order, with gaps, so that a move changes one record only. */
public final class Ranks {

    /** The usual distance between two neighbours. */
    public static final double STEP = 1024;

    /** Between two ranks nearer than this nothing is put any more. */
    private static final double NARROWEST = 1e-6;

    private Ranks() {}

    /** A rank after everything in a sorted list. */
    public static double after(List<? extends PlanRecord> sorted) {
        return sorted.isEmpty() ? STEP : sorted.get(sorted.size() - 1).rank() + STEP;
    }

    /**
     * A rank that puts a record at a position of the list as it is without that record.
     *
     * @param position 0 for the front, the list's size for the end
     */
    public static double at(List<? extends PlanRecord> sorted, int position) {
        if (position >= sorted.size()) {
            return after(sorted);
        }
        double next = sorted.get(position).rank();
        return position == 0 ? next - STEP : (sorted.get(position - 1).rank() + next) / 2;
    }

    /**
     * Moves a record to a position among its neighbours, by setting its rank alone; where the gap has become too
     * narrow for that, all of them get fresh ranks.
     *
     * @param sorted the neighbours with the record among them
     * @param position wanted in the list as it is without the record; out of range means first or last
     */
    public static <R extends PlanRecord> Change.Batch move(List<R> sorted, R moved, int position) {
        List<R> others = new ArrayList<>(sorted);
        others.remove(moved);
        int to = Math.max(0, Math.min(others.size(), position));
        if (sorted.indexOf(moved) == to) {
            return Change.batch(List.of());
        }
        double rank = at(others, to);
        boolean distinct = to == 0 || rank - others.get(to - 1).rank() > NARROWEST;
        if (distinct) {
            return Change.batch(List.of(Change.set(moved, "rank", rank)));
        }
        others.add(to, moved);
        List<Change> fresh = new ArrayList<>();
        for (int i = 0; i < others.size(); i++) {
            fresh.add(Change.set(others.get(i), "rank", (i + 1) * STEP));
        }
        return Change.batch(fresh);
    }
}
