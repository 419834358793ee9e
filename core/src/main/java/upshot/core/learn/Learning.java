package upshot.core.learn;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import upshot.core.house.Threshold;

/**
 * Explains the minutes of changes by their parts: least squares with no part below zero. Each part is drawn towards what is
 * planned for it as if one change had shown it, changes of long parts weigh less since they vary by more, and what lies far
 * from all others less, in the end not at all (Huber's weights, then Tukey's). A figure is said to be otherwise only where it was seen eight times and the
 * difference is more than three times what chance makes of it.
 */
final class Learning {

    /** Fewer say nothing. */
    static final int ENOUGH = 8;

    private static final int ROUNDS = 10;
    /** A figure that is far from what is planned must not be thrown out before it could be found. */
    private static final int BEFORE_THROWING_OUT = 5;

    private static final int SWEEPS = 100;
    /** What people differ by from the usual minutes, as a share of them. */
    private static final double PRIOR_SHARE = 0.6;

    private static final double LEAST_PRIOR_MIN = 0.3;
    /** Pressing the button a little earlier or later: the square of a third of a minute. */
    private static final double PRESSING_MIN2 = 0.1;

    private static final double HUBER = 1.35;
    private static final double TUKEY = 4.7;
    /** A median of distances as a spread, where they are spread as chance spreads them. */
    private static final double MEDIAN_TO_SPREAD = 1.4826;

    private static final double LEAST_SPREAD = 0.02;
    private static final double CLEARLY = 3;
    private static final double WORTH_SAYING = 0.05;

    private final List<Spent> seen;
    private final List<Threshold> parts;
    private final boolean[][] has;
    private final double[] planned;
    private final double[] weights;
    private final double[] minutes;

    private Learning(List<Spent> seen, ToDoubleFunction<Threshold> planned) {
        this.seen = seen;
        this.parts = seen.stream()
                .flatMap(one -> one.parts().stream())
                .distinct()
                .sorted()
                .toList();
        this.has = new boolean[seen.size()][parts.size()];
        for (int change = 0; change < has.length; change++) {
            for (int part = 0; part < parts.size(); part++) {
                has[change][part] = seen.get(change).parts().contains(parts.get(part));
            }
        }
        this.planned = parts.stream().mapToDouble(planned).toArray();
        this.weights = new double[seen.size()];
        this.minutes = this.planned.clone();
    }

    /**
     * What is otherwise than planned.
     *
     * @param seen changes of all days
     * @param planned minutes of each figure as they are planned
     */
    static List<Learnt> of(List<Spent> seen, ToDoubleFunction<Threshold> planned) {
        return seen.size() < ENOUGH ? List.of() : new Learning(seen, planned).learnt();
    }

    private List<Learnt> learnt() {
        for (int round = 0; round < ROUNDS; round++) {
            weigh(round >= BEFORE_THROWING_OUT);
            solve();
        }
        double[] chance = chance();
        List<Learnt> learnt = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Threshold part = parts.get(i);
            int times = (int)
                    seen.stream().filter(one -> one.parts().contains(part)).count();
            double apart = Math.abs(minutes[i] - planned[i]);
            if (times >= ENOUGH && apart > CLEARLY * chance[i] && apart > WORTH_SAYING * planned[i]) {
                learnt.add(new Learnt(part, minutes[i], planned[i], times));
            }
        }
        return learnt;
    }

    private double explained(int change) {
        double explained = 0;
        for (int part = 0; part < minutes.length; part++) {
            explained += has[change][part] ? minutes[part] : 0;
        }
        return explained;
    }

    /** Each part varies by a share of itself, so what a change varies by follows from its parts. */
    private void weigh(boolean throwOut) {
        double[] scales = new double[seen.size()];
        double[] apart = new double[seen.size()];
        for (int change = 0; change < apart.length; change++) {
            double square = PRESSING_MIN2;
            for (int part = 0; part < minutes.length; part++) {
                square += has[change][part] ? minutes[part] * minutes[part] : 0;
            }
            scales[change] = Math.sqrt(square);
            apart[change] = Math.abs(seen.get(change).minutes() - explained(change)) / scales[change];
        }
        double[] sorted = apart.clone();
        Arrays.sort(sorted);
        double spread = Math.max(LEAST_SPREAD, MEDIAN_TO_SPREAD * sorted[sorted.length / 2]);
        for (int change = 0; change < apart.length; change++) {
            double far = apart[change] / spread;
            double believed =
                    throwOut ? Math.max(0, 1 - far * far / (TUKEY * TUKEY)) : Math.sqrt(HUBER / Math.max(HUBER, far));
            double weight = believed / (scales[change] * spread);
            weights[change] = weight * weight;
        }
    }

    private double prior(int part) {
        double share = Math.max(LEAST_PRIOR_MIN, PRIOR_SHARE * planned[part]);
        return 1 / (share * share);
    }

    private double[][] normal() {
        double[][] normal = new double[parts.size()][parts.size()];
        for (int change = 0; change < seen.size(); change++) {
            for (int i = 0; i < normal.length; i++) {
                for (int k = 0; k < normal.length && has[change][i]; k++) {
                    normal[i][k] += has[change][k] ? weights[change] : 0;
                }
            }
        }
        for (int i = 0; i < normal.length; i++) {
            normal[i][i] += prior(i);
        }
        return normal;
    }

    /** One part after the other, as if the others were right, until nothing moves (Gauss and Seidel, held at zero). */
    private void solve() {
        double[][] normal = normal();
        double[] right = new double[parts.size()];
        for (int i = 0; i < right.length; i++) {
            right[i] = prior(i) * planned[i];
            for (int change = 0; change < seen.size(); change++) {
                right[i] += has[change][i] ? weights[change] * seen.get(change).minutes() : 0;
            }
        }
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            for (int i = 0; i < right.length; i++) {
                double rest = right[i];
                for (int k = 0; k < right.length; k++) {
                    rest -= k == i ? 0 : normal[i][k] * minutes[k];
                }
                minutes[i] = Math.max(0, rest / normal[i][i]);
            }
        }
    }

    /** What chance makes of each part, in minutes: the diagonal of the inverse, by Cholesky; the prior keeps it positive. */
    private double[] chance() {
        double[][] lower = normal();
        int size = lower.length;
        for (int i = 0; i < size; i++) {
            for (int k = 0; k <= i; k++) {
                double rest = lower[i][k];
                for (int j = 0; j < k; j++) {
                    rest -= lower[i][j] * lower[k][j];
                }
                lower[i][k] = i == k ? Math.sqrt(rest) : rest / lower[k][k];
            }
        }
        double[] chance = new double[size];
        for (int column = 0; column < size; column++) {
            double[] solved = new double[size];
            double square = 0;
            for (int row = column; row < size; row++) {
                double rest = row == column ? 1 : 0;
                for (int j = column; j < row; j++) {
                    rest -= lower[row][j] * solved[j];
                }
                solved[row] = rest / lower[row][row];
                square += solved[row] * solved[row];
            }
            chance[column] = Math.sqrt(square);
        }
        return chance;
    }
}
