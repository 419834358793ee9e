package upshot.day.log;

import java.util.List;

/**
 * How the day stands by its log.
 *
 * @param takes in the order in which they began
 * @param shots as the table has them
 * @param setups as the table numbers them
 * @param order of the setups by now
 * @param consents of the people: 0 while nobody has said, else as the last line about it
 * @param leaving of the people: 0 while they are needed, 1 when their last shot is made, 2 for those who were told
 * @param next the setup whose turn it is, −1 when there is nothing left to do
 * @param behindMs how far the day is behind its plan at least, 0 where it is not or has no date
 * @param orders lines that put what is left in another order; the last of them holds
 */
public record LogState(
        List<Take> takes,
        List<ShotState> shots,
        List<SetupState> setups,
        List<Integer> order,
        List<Integer> consents,
        List<Integer> leaving,
        int next,
        double behindMs,
        List<Integer> orders) {

    /** How a shot stands. The order is kept: it is written down. */
    public enum Status {
        TO_DO,
        ROLLING,
        GOT,
        SHORT,
        LET_GO,
        LOST
    }

    /**
     * A shot.
     *
     * @param takes how many there are of it
     * @param keepers how many of them count
     * @param bestS the longest clean stretch of its keepers
     * @param bankedS the clean stretches of all of them
     */
    public record ShotState(Status status, int takes, int keepers, double bestS, double bankedS) {}

    /**
     * A setup.
     *
     * @param read whether its cautions are
     * @param checks which are ticked, one bit each
     * @param left whether there is nothing more to be done for it
     */
    public record SetupState(boolean read, int checks, boolean left) {}
}
