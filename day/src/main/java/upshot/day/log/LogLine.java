package upshot.day.log;

import java.util.List;

/**
 * A line of the log. A row of lines is sorted by their ids, so that a line's place in it is the same everywhere.
 *
 * @param atMs by the server's clock, as far as the phone knows it; milliseconds since 1970
 * @param phone who says so: its place among the phones, sorted by their ids
 * @param number counts up on the phone
 * @param of place of the line that it speaks of, −1 for none or one that has not come yet
 * @param about place of a shot, an action or a person, as the line's sort wants it; −1 for none
 * @param body place of the camera, −1 for none
 * @param detail which reason, check, size or consent; 0 where there is none
 * @param amount clean seconds of a take that was entered; 1 or 0 for a check
 * @param turns of an order, the first to be shot first; empty for every other line
 */
public record LogLine(
        What what,
        double atMs,
        int phone,
        int number,
        int of,
        int about,
        int body,
        int detail,
        double amount,
        List<Turn> turns) {

    public LogLine {
        turns = List.copyOf(turns);
    }

    /**
     * When a setup is shot.
     *
     * @param shot place of one of its shots, −1 for one that is not there any more
     * @param rollMs when it rolls, milliseconds since 1970
     * @param endMs when it ends
     */
    public record Turn(int shot, double rollMs, double endMs) {}
}
