package upshot.day;

import java.util.List;
import java.util.Optional;

/**
 * Something to shoot from one stand.
 *
 * @param action number of what is filmed
 * @param run setups of one run may be taken in it together by as many cameras as there are; −1 where it stands alone
 * @param once whether it happens once, and all its setups are in that one run or not shot
 * @param gear what it is shot with
 * @param shootMin minutes for all takes with their resets
 * @param resetMin minutes to lay the action out again when it is taken up after another
 * @param fixed the moment at which it happens, where it does
 * @param turn where somebody has put it
 * @param windows when each crew can shoot it
 * @param people numbers of those in front of the camera
 * @param before setups that must not come after it
 * @param after setups that must not come before it
 * @param worth what is lost without it
 * @param recording what it leaves on the cards
 * @param early whether the school of order wants it early
 * @param messy whether it leaves a mess
 * @param outdoors whether the light moves on
 * @param usual before its like in the usual order where less; see {@link WrittenTurns}
 */
public record DaySetup(
        int action,
        int run,
        boolean once,
        Gear gear,
        double shootMin,
        double resetMin,
        Optional<Moment> fixed,
        Optional<Turn> turn,
        List<Windows> windows,
        List<Integer> people,
        List<Integer> before,
        List<Integer> after,
        Worth worth,
        Recording recording,
        boolean early,
        boolean messy,
        boolean outdoors,
        int usual) {

    /**
     * Something that waits for nobody.
     *
     * @param atMin when it begins
     * @param lastsMin how long it is
     */
    public record Moment(int atMin, double lastsMin) {}

    /**
     * Where somebody has put it.
     *
     * @param crew that shoots it; −1 where the crew is there no more
     * @param rank among all that have a turn
     * @param pinnedMin when getting ready for it has to begin, none where that is free
     */
    public record Turn(int crew, double rank, Optional<Integer> pinnedMin) {}

    /**
     * What is lost without it.
     *
     * @param priority 0 for a must-have, 1 for a should, 2 for a bonus
     * @param shots that it is made of
     */
    public record Worth(int priority, int shots) {

        public static final int PRIORITIES = 3;
    }

    /** What it leaves on the cards, and the minutes to copy that. */
    public record Recording(double megabytes, double copyMin) {}

    /** When getting ready for it has to begin on a crew's day. */
    public Optional<Integer> pinnedMin(int crew) {
        return turn.filter(one -> one.crew() == crew).flatMap(Turn::pinnedMin).filter(minute -> minute >= 0);
    }

    public DaySetup {
        windows = List.copyOf(windows);
        people = List.copyOf(people);
        before = List.copyOf(before);
        after = List.copyOf(after);
    }

    /** The same for somebody who stands in the middle of the day: of its turn, only a pin that lies ahead is left. */
    DaySetup from(int freeMin) {
        boolean pinnedAhead =
                turn.flatMap(Turn::pinnedMin).filter(at -> at >= freeMin).isPresent();
        return new DaySetup(
                action,
                run,
                once,
                gear,
                shootMin,
                resetMin,
                fixed,
                pinnedAhead ? turn : Optional.empty(),
                windows,
                people,
                before,
                after,
                worth,
                recording,
                early,
                messy,
                outdoors,
                usual);
    }
}
