package upshot.day;

import java.util.Comparator;

/**
 * How good an order is, the first difference deciding: nothing broken, then as many must-haves as possible, shoulds,
 * bonuses, then the fewest minutes.
 *
 * @param brokenMin minutes by which limits are broken that no order may break; 0 for an order that can be shot
 * @param musts must-have shots that are not shot
 * @param shoulds likewise
 * @param bonuses likewise
 * @param hundredths weighted minutes of all costs, in hundredths
 */
public record Merit(int brokenMin, int musts, int shoulds, int bonuses, int hundredths) implements Comparable<Merit> {

    private static final Comparator<Merit> ORDER = Comparator.comparingInt(Merit::brokenMin)
            .thenComparingInt(Merit::musts)
            .thenComparingInt(Merit::shoulds)
            .thenComparingInt(Merit::bonuses)
            .thenComparingInt(Merit::hundredths);

    /**
     * The merit of an order.
     *
     * @param lost shots that are not made, by priority
     */
    static Merit of(int brokenMin, int[] lost, int hundredths) {
        return new Merit(brokenMin, lost[0], lost[1], lost[2], hundredths);
    }

    /** Less is better. */
    @Override
    public int compareTo(Merit other) {
        return ORDER.compare(this, other);
    }

    /** Whether everything but the minutes is the same. */
    public boolean sameAboveMinutes(Merit other) {
        return brokenMin == other.brokenMin
                && musts == other.musts
                && shoulds == other.shoulds
                && bonuses == other.bonuses;
    }

    public double minutes() {
        return hundredths / 100.0;
    }
}
