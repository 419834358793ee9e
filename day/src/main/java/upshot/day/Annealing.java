package upshot.day;

import java.util.List;
import java.util.function.IntToDoubleFunction;

/**
 * Makes an order better by chance: a change that makes it worse is taken too, the more readily the earlier, and what is
 * broken or not shot weighs little at first and everything at last.
 */
final class Annealing {

    /** What a change may cost at first and at last, in hundredths of a minute. */
    private static final double HOT = 1000;

    private static final double COLD = 30;

    /** What a broken minute weighs at first and at last, in hundredths. */
    private static final double BEND = 300;

    private static final double BREAK = 100_000;

    /** What a shot weighs that is not made, by priority, in hundredths at the end, and what part of it at first. */
    private static final double[] LOST = {120_000, 80_000, 50_000};

    private static final double LOST_AT_FIRST = 0.025;

    /** How much of what waiting and the like costs now is taken to stay whatever is changed before it. */
    private static final double SHARE = 0.8;

    /** How often it looks at what is spent. */
    private static final int AT_ONCE = 64;

    private static final int LONGEST = 10;

    private final Drafts drafts;
    private final Best best;
    private final Chance chance;
    private final double[] lost = new double[LOST.length];
    private double heat;
    private double perBroken;

    Annealing(Best best, int keptUntilMin, Chance chance) {
        this.drafts = new Drafts(best.order(), keptUntilMin);
        this.best = best;
        this.chance = chance;
    }

    /**
     * Tries changes.
     *
     * @param part what part of it is over after so many changes; at 1 it ends
     * @return changes tried
     */
    int run(IntToDoubleFunction part) {
        int changes = 0;
        for (double now = part.applyAsDouble(0); now < 1; now = part.applyAsDouble(changes)) {
            cool(now);
            for (int i = 0; i < AT_ONCE; i++, changes++) {
                if (change() && worthTaking()) {
                    drafts.take();
                    best.offer(drafts);
                }
            }
        }
        return changes;
    }

    private void cool(double part) {
        heat = HOT * StrictMath.pow(COLD / HOT, part);
        perBroken = Math.floor(BEND * StrictMath.pow(BREAK / BEND, part));
        double share = LOST_AT_FIRST * StrictMath.pow(1 / LOST_AT_FIRST, part);
        for (int i = 0; i < lost.length; i++) {
            lost[i] = Math.floor(share * LOST[i]);
        }
    }

    /** How much a change may cost is drawn before it is timed, so that most of the dear ones need not be. */
    private boolean worthTaking() {
        Merit stands = drafts.merit();
        double now = stands.hundredths() + perBroken * stands.brokenMin() + drafts.lost(lost);
        double most = now + Math.floor(-heat * StrictMath.log(1 - chance.share())) - drafts.triedLost(lost);
        return drafts.promises(most, perBroken, SHARE) && drafts.time(most, perBroken);
    }

    /** Tries a change that chance chooses; whether there is any. */
    private boolean change() {
        Draft draft = any();
        int kind = chance.below(100);
        if (kind < 25) {
            return putIn(draft) || elsewhere(draft);
        }
        if (kind < 27 && draft.free() > 0) {
            int at = draft.kept() + chance.below(draft.free());
            drafts.exchange(
                    draft,
                    Stretch.of(at, 1),
                    drafts.left(),
                    Stretch.of(drafts.left().size(), 0));
            return true;
        }
        return kind < 85 ? elsewhere(draft) : swapped(draft);
    }

    private Draft any() {
        List<Draft> crews = drafts.crews();
        return crews.get(crews.size() == 1 ? 0 : chance.below(crews.size()));
    }

    /** Something that nobody shoots, beside what is there or instead of up to three. */
    private boolean putIn(Draft draft) {
        int left = drafts.left().size();
        if (left == 0) {
            return false;
        }
        int out = Math.min(draft.free(), Math.max(0, chance.below(6) - 2));
        int at = draft.kept() + chance.below(draft.free() - out + 1);
        drafts.exchange(draft, Stretch.of(at, out), drafts.left(), Stretch.of(chance.below(left), 1));
        return true;
    }

    /** Some neighbours, mostly few, elsewhere or the other way round. */
    private boolean elsewhere(Draft draft) {
        int many = 1;
        while (many < LONGEST && chance.heads()) {
            many++;
        }
        if (many > draft.free()) {
            return false;
        }
        Draft target = any();
        int at = draft.kept() + chance.below(draft.free() - many + 1);
        int to = target.kept() + chance.below(target.free() - (target == draft ? many : 0) + 1);
        boolean turned = many > 1 && chance.below(4) == 0;
        drafts.move(draft, new Stretch(at, many, turned), target, to);
        return target != draft || at != to || turned;
    }

    private boolean swapped(Draft draft) {
        Draft target = any();
        if (draft.free() == 0 || target.free() == 0) {
            return false;
        }
        int one = draft.kept() + chance.below(draft.free());
        int other = target.kept() + chance.below(target.free());
        boolean same = target == draft;
        drafts.exchange(
                draft,
                Stretch.of(same ? Math.min(one, other) : one, 1),
                target,
                Stretch.of(same ? Math.max(one, other) : other, 1));
        return !same || one != other;
    }
}
