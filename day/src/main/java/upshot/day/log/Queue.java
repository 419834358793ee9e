package upshot.day.log;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** The setups in the order in which they are to be shot by now, and when. */
final class Queue {

    private final LogTable table;
    private final List<Integer> order = new ArrayList<>();
    private final List<Integer> anew = new ArrayList<>();
    private final double[] rollMs;
    private final double[] endMs;

    Queue(LogTable table) {
        this.table = table;
        this.rollMs = new double[table.setups().size()];
        this.endMs = new double[table.setups().size()];
        for (int setup = 0; setup < table.setups().size(); setup++) {
            order.add(setup);
            rollMs[setup] = table.setups().get(setup).rollMs();
            endMs[setup] = table.setups().get(setup).endMs();
        }
    }

    List<Integer> order() {
        return order;
    }

    /** Places of the lines that put it in another order. */
    List<Integer> anew() {
        return anew;
    }

    /** Puts a setup behind the next one for which there is something to be done. */
    void later(int setup, IntPredicate left) {
        int at = order.indexOf(setup);
        if (setup < 0 || at < 0) {
            return;
        }
        int behind = at + 1;
        while (behind < order.size() && left.test(order.get(behind))) {
            behind++;
        }
        if (behind < order.size()) {
            order.remove(at);
            order.add(behind, setup);
        }
    }

    /** Takes another order; what it does not name keeps its place among itself, behind what it names. */
    void take(LogLine line, int place) {
        List<Integer> named = new ArrayList<>();
        for (LogLine.Turn turn : line.turns()) {
            int setup = table.setupOf(turn.shot());
            if (setup >= 0 && !named.contains(setup)) {
                named.add(setup);
                rollMs[setup] = turn.rollMs();
                endMs[setup] = turn.endMs();
            }
        }
        order.removeAll(named);
        order.addAll(0, named);
        anew.add(place);
    }

    /** The first for which there is something to be done, −1 for none. */
    int next(IntPredicate left) {
        for (int setup : order) {
            if (!left.test(setup)) {
                return setup;
            }
        }
        return -1;
    }

    /** How late a setup is: before its first take from when it should roll on, then from when it should end. */
    double behindMs(int setup, boolean begun, double nowMs) {
        double due = begun ? endMs[setup] : rollMs[setup];
        return due > 0 ? Math.max(0, nowMs - due) : 0;
    }
}
