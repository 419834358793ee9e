package upshot.day;

/**
 * A minute of the shoot. Zero is the brief's own call on the day of the shoot, for every crew and every further day, so
 * that a second day begins at about 1440.
 *
 * @param afterCall whole minutes, below zero before the call
 */
public record Minute(int afterCall) implements Comparable<Minute> {

    @Override
    public int compareTo(Minute other) {
        return Integer.compare(afterCall, other.afterCall);
    }

    /** How long it is from another minute to this one. */
    public int since(Minute other) {
        return afterCall - other.afterCall;
    }
}
