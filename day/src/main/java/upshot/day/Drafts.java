package upshot.day;

import java.util.ArrayList;
import java.util.List;

/**
 * An order while a search changes it, and one change of it: two stretches of setups in each other's place. A change is
 * weighed, timed, and then taken or forgotten by trying the next.
 */
final class Drafts {

    private final DayClock clock;
    private final List<Draft> crews = new ArrayList<>();
    private final Draft left;
    private final int[] lost = new int[DaySetup.Worth.PRIORITIES];
    private final int[] triedLost = new int[DaySetup.Worth.PRIORITIES];
    private Draft one;
    private Draft other;
    private int between;
    private int triedBetween;

    /**
     * An order to be changed.
     *
     * @param keptUntilMin setups that begin before this minute stay where they are
     */
    Drafts(DayOrder order, int keptUntilMin) {
        clock = order.clock();
        SureCosts sure = new SureCosts(clock);
        List<List<Integer>> setups = order.crews();
        for (int crew = 0; crew < setups.size(); crew++) {
            crews.add(new Draft(clock, sure, crew, setups.get(crew), order.kept(crew, keptUntilMin)));
        }
        left = new Draft(clock, sure, Draft.NOBODY, order.left(), 0);
        for (int place = 0; place < left.size(); place++) {
            count(lost, left.setup(place), 1);
        }
        between = between();
    }

    private void count(int[] shots, int setup, int sign) {
        DaySetup.Worth worth = clock.problem().setup(setup).worth();
        shots[worth.priority()] += sign * worth.shots();
    }

    List<Draft> crews() {
        return crews;
    }

    /** What nobody shoots. */
    Draft left() {
        return left;
    }

    /** Tries two stretches in each other's place; of one draft, the second lies behind the first. */
    void exchange(Draft draft, Stretch stretch, Draft with, Stretch others) {
        one = draft;
        other = with;
        System.arraycopy(lost, 0, triedLost, 0, lost.length);
        if (draft == with) {
            draft.swap(stretch, others);
            return;
        }
        draft.replace(stretch, with, others);
        with.replace(others, draft, stretch);
        if (with == left) {
            count(draft, stretch, 1);
            count(left, others, -1);
        }
    }

    private void count(Draft draft, Stretch stretch, int sign) {
        for (int i = 0; i < stretch.many(); i++) {
            count(triedLost, draft.setup(stretch.at() + i), sign);
        }
    }

    /** Tries a stretch elsewhere, {@code to} counted without it. */
    void move(Draft draft, Stretch stretch, Draft target, int to) {
        int at = stretch.at();
        int many = stretch.many();
        if (target != draft) {
            exchange(draft, stretch, target, Stretch.of(to, 0));
        } else if (to < at) {
            exchange(draft, Stretch.of(to, at - to), draft, stretch);
        } else {
            exchange(draft, stretch, draft, Stretch.of(at + many, to - at));
        }
    }

    /** Whether the change may cost no more than so much; {@code share} as a draft takes it. */
    boolean promises(double most, double perBroken, double share) {
        double least = others(perBroken) + one.least(perBroken, share);
        return least + (other == one ? 0 : other.least(perBroken, share)) <= most;
    }

    /** Times the change, as far as it is worth it: whether it costs no more than so much, broken minutes by their weight. */
    boolean time(double most, double perBroken) {
        double spent = others(perBroken);
        if (!one.time(most - spent, perBroken)) {
            return false;
        }
        spent += one.triedCost(perBroken);
        if (other != one) {
            if (!other.time(most - spent, perBroken)) {
                return false;
            }
            spent += other.triedCost(perBroken);
        }
        triedBetween = between();
        return spent + perBroken * triedBetween <= most;
    }

    /** What the crews cost that do not change. */
    private double others(double perBroken) {
        double sum = 0;
        for (Draft crew : crews) {
            sum += crew == one || crew == other ? 0 : crew.cost(perBroken);
        }
        return sum;
    }

    /** By how much crews break the limits between them after the change. */
    private int between() {
        int broken = 0;
        for (int i = 0; i < crews.size(); i++) {
            for (int j = i + 1; j < crews.size(); j++) {
                broken += between(crews.get(i), crews.get(j));
            }
        }
        return broken;
    }

    private int between(Draft first, Draft second) {
        int broken = 0;
        for (int i = 1; i <= size(first); i++) {
            for (int j = 1; j <= size(second); j++) {
                broken += clock.relations().brokenMin(state(first, i), state(second, j));
            }
        }
        return broken;
    }

    private int size(Draft draft) {
        return draft == one || draft == other ? draft.triedSize() : draft.size();
    }

    private DayState state(Draft draft, int place) {
        return draft == one || draft == other ? draft.tried(place) : draft.stands(place);
    }

    /** The change that was timed stands. */
    void take() {
        one.take();
        if (other != one) {
            other.take();
        }
        between = triedBetween;
        System.arraycopy(triedLost, 0, lost, 0, lost.length);
        one = null;
        other = null;
    }

    /**
     * What is not shot, by the weight of each shot.
     *
     * @param weights by priority
     */
    double lost(double[] weights) {
        return weighed(lost, weights);
    }

    /** The same after the change. */
    double triedLost(double[] weights) {
        return weighed(triedLost, weights);
    }

    private static double weighed(int[] shots, double[] weights) {
        double sum = 0;
        for (int i = 0; i < shots.length; i++) {
            sum += shots[i] * weights[i];
        }
        return sum;
    }

    /** How good the order is that stands. */
    Merit merit() {
        int broken = between;
        int hundredths = 0;
        for (Draft crew : crews) {
            broken += crew.broken();
            hundredths += crew.hundredths();
        }
        return Merit.of(broken, lost, hundredths);
    }

    /** How good the change is at best: nothing broken, no minutes. */
    Merit bestOfTheChange() {
        return Merit.of(0, triedLost, 0);
    }

    /** The order that stands. */
    DayOrder order() {
        List<List<DayState>> states = new ArrayList<>();
        for (Draft crew : crews) {
            List<DayState> own = new ArrayList<>();
            for (int place = 1; place <= crew.size(); place++) {
                own.add(crew.stands(place));
            }
            states.add(own);
        }
        return DayOrder.timed(clock, states);
    }
}
