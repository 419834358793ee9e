package upshot.core.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * An order while a search changes it: how it stands, and one change of it that is weighed, timed, and then taken or
 * forgotten by trying the next.
 */
final class Sketch {

    private final Shoot shoot;
    private final List<CrewSketch> drafts = new ArrayList<>();
    private final List<CrewSketch> changed = new ArrayList<>(2);
    private final boolean[] shot;
    private final int[] lost;
    private final int[] triedLost;
    private long between;
    private long triedBetween;

    /**
     * An order to be changed.
     *
     * @param keptUntilMin setups that begin before this minute stay where they are
     */
    Sketch(RunningOrder order, int keptUntilMin) {
        this.shoot = order.shoot();
        this.shot = new boolean[shoot.size()];
        this.lost = shoot.shotsByPriority();
        Pacing pacing = new Pacing(shoot);
        Untimed untimed = new Untimed(shoot);
        for (int i = 0; i < order.crews().size(); i++) {
            int kept = order.kept(i, keptUntilMin);
            drafts.add(new CrewSketch(
                    shoot, pacing, untimed, shoot.crews().get(i), order.crews().get(i), kept));
            for (int setup : order.crews().get(i)) {
                shot[setup] = true;
                count(lost, setup, -1);
            }
        }
        this.triedLost = lost.clone();
        this.between = between();
    }

    private void count(int[] lost, int setup, int sign) {
        Setup one = shoot.setups().get(setup);
        lost[one.priority().ordinal()] += sign * one.shots().size();
    }

    List<CrewSketch> drafts() {
        return drafts;
    }

    /** Whether somebody shoots it as the order stands. */
    boolean shot(int setup) {
        return shot[setup];
    }

    /** Tries one setup, or none for −1, instead of some. */
    void exchange(CrewSketch draft, int at, int out, int in) {
        begin(draft);
        for (int i = 0; i < out; i++) {
            count(triedLost, draft.setup(at + i), 1);
        }
        if (in < 0) {
            draft.exchange(at, out);
        } else {
            count(triedLost, in, -1);
            draft.exchange(at, out, in);
        }
    }

    /** Tries some setups elsewhere, {@code to} counted without them, the last of them first where turned. */
    void move(CrewSketch draft, int at, int many, CrewSketch target, int to, boolean turned) {
        begin(draft);
        if (target == draft) {
            draft.move(at, many, to, turned);
        } else {
            changed.add(target);
            target.exchange(to, 0, draft.setups(at, many));
            draft.exchange(at, many);
        }
    }

    /** Tries two setups in each other's place. */
    void swap(CrewSketch draft, int one, CrewSketch target, int other) {
        begin(draft);
        if (target == draft) {
            draft.swap(one, other);
        } else {
            changed.add(target);
            int setup = draft.setup(one);
            draft.exchange(one, 1, target.setup(other));
            target.exchange(other, 1, setup);
        }
    }

    private void begin(CrewSketch draft) {
        changed.clear();
        changed.add(draft);
        System.arraycopy(lost, 0, triedLost, 0, lost.length);
    }

    /** Whether the change may cost no more than so much; {@code share} as a draft takes it. */
    boolean promises(long most, long perBroken, double share) {
        long least = others(perBroken);
        for (CrewSketch draft : changed) {
            least += draft.least(perBroken, share);
        }
        return least <= most;
    }

    /** Times the change, as far as it is worth it: whether it costs no more than so much, broken minutes by their weight. */
    boolean time(long most, long perBroken) {
        long spent = others(perBroken);
        for (CrewSketch draft : changed) {
            if (!draft.time(most - spent, perBroken)) {
                return false;
            }
            spent += draft.triedHundredths() + perBroken * draft.triedBroken();
        }
        triedBetween = between();
        return spent + perBroken * triedBetween <= most;
    }

    /** What the crews cost that do not change. */
    private long others(long perBroken) {
        long sum = 0;
        for (CrewSketch draft : drafts) {
            if (!changed.contains(draft)) {
                sum += draft.hundredths() + perBroken * draft.broken();
            }
        }
        return sum;
    }

    /** By how much crews break the limits between them after the change. */
    private long between() {
        long broken = 0;
        for (int i = 0; i < drafts.size() - 1; i++) {
            for (int j = i + 1; j < drafts.size(); j++) {
                broken += between(drafts.get(i), drafts.get(j));
            }
        }
        return broken;
    }

    private long between(CrewSketch one, CrewSketch other) {
        boolean change = changed.contains(one);
        boolean otherChange = changed.contains(other);
        long broken = 0;
        for (int i = 1; i <= one.size(change); i++) {
            for (int j = 1; j <= other.size(otherChange); j++) {
                broken += TwoCrews.brokenMin(shoot, one.pace(i, change), other.pace(j, otherChange));
            }
        }
        return broken;
    }

    /** The change that was timed stands. */
    void take() {
        changed.forEach(CrewSketch::take);
        between = triedBetween;
        System.arraycopy(triedLost, 0, lost, 0, lost.length);
        Arrays.fill(shot, false);
        for (CrewSketch draft : drafts) {
            for (int place = 0; place < draft.size(); place++) {
                shot[draft.setup(place)] = true;
            }
        }
        changed.clear();
    }

    /**
     * What is not shot after the change, by the weight of each shot.
     *
     * @param weights by the ordinal of the priority
     */
    long triedLost(long[] weights) {
        return weighed(triedLost, weights);
    }

    long lost(long[] weights) {
        return weighed(lost, weights);
    }

    private static long weighed(int[] lost, long[] weights) {
        long sum = 0;
        for (int i = 0; i < lost.length; i++) {
            sum += lost[i] * weights[i];
        }
        return sum;
    }

    /** How good the order is that stands. */
    Levels levels() {
        long broken = between;
        long hundredths = 0;
        for (CrewSketch draft : drafts) {
            broken += draft.broken();
            hundredths += draft.hundredths();
        }
        return Levels.of(broken, lost, hundredths);
    }

    /** How good the change is at best: nothing broken, no minutes. */
    Levels bestOfTheChange() {
        return Levels.of(0, triedLost, 0);
    }

    /** The order that stands, by crew. */
    List<List<Integer>> crews() {
        return drafts.stream()
                .map(draft ->
                        Arrays.stream(draft.setups(0, draft.size())).boxed().toList())
                .toList();
    }
}
